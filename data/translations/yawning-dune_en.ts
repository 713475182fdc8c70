<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>app::AreasLeaf</name>
    <message numerus="yes">
        <source>%n areas are proposed. Click on one to say what it is; scribble on the picture to correct them.</source>
        <translation>
            <numerusform>%n area is proposed. Click on it to say what it is; scribble on the picture to correct it.</numerusform>
            <numerusform>%n areas are proposed. Click on one to say what it is; scribble on the picture to correct them.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n as corrected</source>
        <translation>
            <numerusform>%n as corrected</numerusform>
            <numerusform>%n as corrected</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::BenchStation</name>
    <message numerus="yes">
        <source>%1 of %n steps</source>
        <translation>
            <numerusform>%1 of %n step</numerusform>
            <numerusform>%1 of %n steps</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::CardSheet</name>
    <message numerus="yes">
        <source>Take %n readings</source>
        <translation>
            <numerusform>Take %n reading</numerusform>
            <numerusform>Take %n readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings were taken from the card.</source>
        <translation>
            <numerusform>%n reading was taken from the card.</numerusform>
            <numerusform>%n readings were taken from the card.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::CheckStation</name>
    <message numerus="yes">
        <source>Take %n corrections</source>
        <translation>
            <numerusform>Take one correction</numerusform>
            <numerusform>Take %n corrections</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n photographs</source>
        <translation>
            <numerusform>one photograph</numerusform>
            <numerusform>%n photographs</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::CurveLeaf</name>
    <message numerus="yes">
        <source>Take %n sticks</source>
        <translation>
            <numerusform>Take %n stick</numerusform>
            <numerusform>Take %n sticks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>With at most %n sticks the finished sheet is %1 (%2).</source>
        <translation>
            <numerusform>With at most %n stick the finished sheet is %1 (%2).</numerusform>
            <numerusform>With at most %n sticks the finished sheet is %1 (%2).</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::ListSheet</name>
    <message numerus="yes">
        <source>%n rows can be taken in: %1 new, %2 that change what is in the drawer.</source>
        <translation>
            <numerusform>%n row can be taken in: %1 new, %2 that change what is in the drawer.</numerusform>
            <numerusform>%n rows can be taken in: %1 new, %2 that change what is in the drawer.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>These %n cannot:</source>
        <translation>
            <numerusform>This %n cannot:</numerusform>
            <numerusform>These %n cannot:</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>… and %n more.</source>
        <translation>
            <numerusform>… and %n more.</numerusform>
            <numerusform>… and %n more.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::MaterialsWindow</name>
    <message numerus="yes">
        <source>Change %n things</source>
        <translation>
            <numerusform>Change %n thing</numerusform>
            <numerusform>Change %n things</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things were taken in; undoing gives back what was before.</source>
        <translation>
            <numerusform>%n thing was taken in; undoing gives back what was before.</numerusform>
            <numerusform>%n things were taken in; undoing gives back what was before.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in this tray. The Sticks station lets a study draw from it alone.</source>
        <translation>
            <numerusform>%n thing lies in this tray. The Sticks station lets a study draw from it alone.</numerusform>
            <numerusform>%n things lie in this tray. The Sticks station lets a study draw from it alone.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things chosen</source>
        <translation>
            <numerusform>%n thing chosen</numerusform>
            <numerusform>%n things chosen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in the drawer. Choose some to read what is known of them and to say what is left, where they lie and what you noticed.</source>
        <translation>
            <numerusform>%n thing lies in the drawer. Choose it to read what is known of it and to say what is left, where it lies and what you noticed.</numerusform>
            <numerusform>%n things lie in the drawer. Choose some to read what is known of them and to say what is left, where they lie and what you noticed.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::PaperStation</name>
    <message numerus="yes">
        <source>%1 gives %n pieces</source>
        <translation>
            <numerusform>%1 gives one piece</numerusform>
            <numerusform>%1 gives %n pieces</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::PracticeWindow</name>
    <message numerus="yes">
        <source>broken off after %n answers</source>
        <translation>
            <numerusform>broken off after one answer</numerusform>
            <numerusform>broken off after %n answers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>You were off by %1, over %n shapes.</source>
        <translation>
            <numerusform>You were off by %1, over %n shape.</numerusform>
            <numerusform>You were off by %1, over %n shapes.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>You tell %1 apart, after %n answers.</source>
        <translation>
            <numerusform>You tell %1 apart, after %n answer.</numerusform>
            <numerusform>You tell %1 apart, after %n answers.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::ReaderSheet</name>
    <message numerus="yes">
        <source>Mean of %n readings, %1 passed over, good to %2. Against what was known: %3.</source>
        <translation>
            <numerusform>Mean of %n reading, %1 passed over, good to %2. Against what was known: %3.</numerusform>
            <numerusform>Mean of %n readings, %1 passed over, good to %2. Against what was known: %3.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::SticksStation</name>
    <message numerus="yes">
        <source>%n sticks serve the whole picture. With them the sheet is %1.</source>
        <translation>
            <numerusform>%n stick serves the whole picture. With it the sheet is %1.</numerusform>
            <numerusform>%n sticks serve the whole picture. With them the sheet is %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>It comes back in %n areas and ties them together: %1.</source>
        <translation>
            <numerusform>It is laid in %n area: %1.</numerusform>
            <numerusform>It comes back in %n areas and ties them together: %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::SubjectStation</name>
    <message numerus="yes">
        <source>%1, %n areas</source>
        <translation>
            <numerusform>%1, %n area</numerusform>
            <numerusform>%1, %n areas</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::TrialCardSheet</name>
    <message numerus="yes">
        <source>Taken from the card: %n sticks and papers are known better.</source>
        <translation>
            <numerusform>Taken from the card: %n stick or paper is known better.</numerusform>
            <numerusform>Taken from the card: %n sticks and papers are known better.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::TrialWindow</name>
    <message numerus="yes">
        <source>%n swatches are on the card that is laid for real.</source>
        <translation>
            <numerusform>One swatch is on the card that is laid for real.</numerusform>
            <numerusform>%n swatches are on the card that is laid for real.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::UnderpaintingStation</name>
    <message numerus="yes">
        <source>%1, %n layers less</source>
        <translation>
            <numerusform>%1, %n layer less</numerusform>
            <numerusform>%1, %n layers less</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>wording</name>
    <message numerus="yes">
        <source>%1 layers</source>
        <comment>more or fewer</comment>
        <translation>
            <numerusform>%1 layer</numerusform>
            <numerusform>%1 layers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>(%n areas)</source>
        <translation>
            <numerusform>(%n area)</numerusform>
            <numerusform>(%n areas)</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Told from %1 areas of %n kept photographs.</source>
        <translation>
            <numerusform>Told from %1 areas of one kept photograph.</numerusform>
            <numerusform>Told from %1 areas of %n kept photographs.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; %n soft layers cover it</source>
        <translation>
            <numerusform>%1; one soft layer covers it</numerusform>
            <numerusform>%1; %n soft layers cover it</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n layers may be left out to come as near as the middle one of your papers does</source>
        <translation>
            <numerusform>%1 of %n layer may be left out to come as near as the middle one of your papers does</numerusform>
            <numerusform>%1 of %n layers may be left out to come as near as the middle one of your papers does</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>As near as the bare sheet (%1) with %2 of %n layers less, for %3 of its own; with all of its layers %4.</source>
        <translation>
            <numerusform>As near as the bare sheet (%1) with %2 of %n layer less, for %3 of its own; with all of its layers %4.</numerusform>
            <numerusform>As near as the bare sheet (%1) with %2 of %n layers less, for %3 of its own; with all of its layers %4.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>It gains nothing: it saves %n layers and costs %1.</source>
        <translation>
            <numerusform>It gains nothing: it saves %n layer and costs %1.</numerusform>
            <numerusform>It gains nothing: it saves %n layers and costs %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n parts %1</source>
        <translation>
            <numerusform>%n part %1</numerusform>
            <numerusform>%n parts %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>A sheet of %1 gives %n pieces of %2.</source>
        <translation>
            <numerusform>A sheet of %1 gives one piece of %2.</numerusform>
            <numerusform>A sheet of %1 gives %n pieces of %2.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The %1 pictures of the series need %n sheets, all cut the same way.</source>
        <translation>
            <numerusform>The %1 pictures of the series need one sheet, all cut the same way.</numerusform>
            <numerusform>The %1 pictures of the series need %n sheets, all cut the same way.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>one step</numerusform>
            <numerusform>%n steps</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layers</source>
        <translation>
            <numerusform>one layer</numerusform>
            <numerusform>%n layers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sticks</source>
        <translation>
            <numerusform>one stick</numerusform>
            <numerusform>%n sticks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things</source>
        <translation>
            <numerusform>one thing</numerusform>
            <numerusform>%n things</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n trays</source>
        <translation>
            <numerusform>one tray</numerusform>
            <numerusform>%n trays</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n evenings</source>
        <translation>
            <numerusform>one evening</numerusform>
            <numerusform>%n evenings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Photograph checked, %n corrections taken</source>
        <translation>
            <numerusform>Photograph checked, one correction taken</numerusform>
            <numerusform>Photograph checked, %n corrections taken</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>and %n more</numerusform>
            <numerusform>and %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The series needs %n sheets of %1; at hand are %2.</source>
        <translation>
            <numerusform>The series needs %n sheet of %1; at hand are %2.</numerusform>
            <numerusform>The series needs %n sheets of %1; at hand are %2.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>There are no pencils or hard sticks to go over the base: %n layers are of softer sticks.</source>
        <translation>
            <numerusform>There are no pencils or hard sticks to go over the base: %n layer is of softer sticks.</numerusform>
            <numerusform>There are no pencils or hard sticks to go over the base: %n layers are of softer sticks.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sticks are few for this picture: a larger set would come nearer.</source>
        <translation>
            <numerusform>%n stick is little for this picture: a larger set would come nearer.</numerusform>
            <numerusform>%n sticks are few for this picture: a larger set would come nearer.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers</source>
        <translation>
            <numerusform>%1, %n layer</numerusform>
            <numerusform>%1, %n layers</numerusform>
        </translation>
    </message>
</context>
</TS>
