<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>Construction drawing</source>
        <translation>Konstruktionszeichnung</translation>
    </message>
    <message>
        <source>%1: row %2 of %3, column %4 of %5; print at 100 %, lay cross on cross</source>
        <translation>%1: Reihe %2 von %3, Spalte %4 von %5; bei 100 % drucken, Kreuz auf Kreuz legen</translation>
    </message>
    <message>
        <source>Test card of papers</source>
        <translation>Testkarte für Papiere</translation>
    </message>
    <message>
        <source>If a later layer slides off where it should still register, the tooth holds less than is thought; if a single stroke is stronger or weaker, the paper takes more or less off the stick. Read the photograph at Paper, and the program knows this paper.</source>
        <translation>Rutscht eine spätere Schicht ab, wo sie noch greifen sollte, so hält der Zahn weniger als gedacht; ist ein einzelner Strich stärker oder schwächer, so nimmt das Papier mehr oder weniger von der Kreide. Lassen Sie das Foto unter Papier lesen, und das Programm kennt dieses Papier.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Swatch card</source>
        <translation>Farbkarte</translation>
    </message>
    <message>
        <source>Trial card</source>
        <translation>Probekarte</translation>
    </message>
    <message>
        <source>Read the photograph at the trial sheet: what was laid stands there beside what was expected, and the program learns your sticks and papers from it.</source>
        <translation>Lassen Sie das Foto auf dem Probeblatt lesen: Was gelegt wurde, steht dort neben dem Erwarteten, und das Programm lernt daraus Ihre Kreiden und Papiere kennen.</translation>
    </message>
</context>
<context>
    <name>app</name>
    <message>
        <source>Photographs (*.jpg *.jpeg *.png *.tif *.tiff *.webp)</source>
        <translation>Fotos (*.jpg *.jpeg *.png *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
</context>
<context>
    <name>app::AnswerButton</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>app::ApproachLeaf</name>
    <message>
        <source>Approach</source>
        <translation>Vorgehen</translation>
    </message>
    <message>
        <source>Save under a name</source>
        <translation>Unter einem Namen sichern</translation>
    </message>
    <message>
        <source>Keeps these answers, to be taken in any study.</source>
        <translation>Behält diese Antworten, damit jede Studie sie übernehmen kann.</translation>
    </message>
    <message>
        <source>Forget this one</source>
        <translation>Dieses vergessen</translation>
    </message>
    <message>
        <source>Save the approach</source>
        <translation>Vorgehen sichern</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>answers of your own</source>
        <translation>eigene Antworten</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>wird erprobt</translation>
    </message>
    <message>
        <source>As planned: %1</source>
        <translation>Wie geplant: %1</translation>
    </message>
    <message>
        <source>Your way</source>
        <translation>Ihr Weg</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Against the plan as it is: %1.</source>
        <translation>Gegenüber dem jetzigen Plan: %1.</translation>
    </message>
    <message>
        <source>No answer is right or wrong. Each says what it would change in this picture: how near the finished sheet comes, how many layers it takes, and how long, on the paper and the ground of the plan as it is.</source>
        <translation>Keine Antwort ist richtig oder falsch. Jede sagt, was sie in diesem Bild ändern würde: wie nah das fertige Blatt kommt, wie viele Schichten und wie viel Zeit es braucht, auf Papier und Grund des jetzigen Plans.</translation>
    </message>
    <message>
        <source>Ways of working: those that ship, and your own.</source>
        <translation>Arten zu arbeiten: mitgelieferte und eigene.</translation>
    </message>
    <message>
        <source>Takes this approach off the list; studies that have it keep it.</source>
        <translation>Nimmt dieses Vorgehen von der Liste; Studien, die es haben, behalten es.</translation>
    </message>
</context>
<context>
    <name>app::AreasLeaf</name>
    <message>
        <source>Areas proposed</source>
        <translation>Flächen vorgeschlagen</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>Fewer or more areas</source>
        <translation>Weniger oder mehr Flächen</translation>
    </message>
    <message>
        <source>Each step parts one area in two, or joins two.</source>
        <translation>Jeder Schritt teilt eine Fläche oder verbindet zwei.</translation>
    </message>
    <message>
        <source>Propose anew</source>
        <translation>Neu vorschlagen</translation>
    </message>
    <message>
        <source>This study&apos;s areas were proposed by colour alone. Now things are told from their shadows; what was corrected and named is kept by its place.</source>
        <translation>Die Flächen dieser Studie wurden allein nach Farben vorgeschlagen. Jetzt werden Dinge von ihren Schatten unterschieden; was berichtigt und benannt war, bleibt an seinem Ort.</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Anzahl der Flächen</translation>
    </message>
    <message>
        <source>Areas proposed anew</source>
        <translation>Flächen neu vorgeschlagen</translation>
    </message>
    <message>
        <source>By scribbles</source>
        <translation>Mit Strichen</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Flächen verbinden</translation>
    </message>
    <message>
        <source>All areas that the scribbles touch become one.</source>
        <translation>Alle Flächen, die die Striche berühren, werden eine.</translation>
    </message>
    <message>
        <source>Part the area</source>
        <translation>Die Fläche teilen</translation>
    </message>
    <message>
        <source>Scribble once on each part: it is parted where its colours change most between them.</source>
        <translation>Einmal auf jeden Teil stricheln: Sie wird geteilt, wo sich ihre Farben dazwischen am stärksten ändern.</translation>
    </message>
    <message>
        <source>Part an area</source>
        <translation>Fläche teilen</translation>
    </message>
    <message>
        <source>New area</source>
        <translation>Neue Fläche</translation>
    </message>
    <message>
        <source>What the scribble goes round becomes an area of its own.</source>
        <translation>Was der Strich umfährt, wird eine eigene Fläche.</translation>
    </message>
    <message>
        <source>Move the border</source>
        <translation>Grenze verschieben</translation>
    </message>
    <message>
        <source>Begin in the area that is to grow, and go round what it is to take from its neighbours.</source>
        <translation>In der Fläche beginnen, die wachsen soll, und umfahren, was sie von ihren Nachbarn nehmen soll.</translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation>Grenze verschieben</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Go loosely round the subject: it is cut out of its background by its colours.</source>
        <translation>Locker um das Motiv fahren: Es wird nach seinen Farben aus dem Hintergrund geschnitten.</translation>
    </message>
    <message>
        <source>Cut the subject out</source>
        <translation>Motiv ausschneiden</translation>
    </message>
    <message>
        <source>Strokes run so</source>
        <translation>Striche verlaufen so</translation>
    </message>
    <message>
        <source>Each scribble becomes an arrow: strokes follow it in the area where it begins.</source>
        <translation>Jeder Strich wird ein Pfeil: Ihm folgen die Striche in der Fläche, in der er beginnt.</translation>
    </message>
    <message>
        <source>Wipe off</source>
        <translation>Wegwischen</translation>
    </message>
    <message>
        <source>Takes the scribbles off again.</source>
        <translation>Nimmt die Striche wieder weg.</translation>
    </message>
    <message>
        <source>The chosen area</source>
        <translation>Die gewählte Fläche</translation>
    </message>
    <message>
        <source>Join with…</source>
        <translation>Verbinden mit …</translation>
    </message>
    <message>
        <source>Then click on the area that is to be one with it.</source>
        <translation>Dann auf die Fläche klicken, die mit ihr eins werden soll.</translation>
    </message>
    <message>
        <source>Pair with…</source>
        <translation>Paaren mit …</translation>
    </message>
    <message>
        <source>Then click on its fellow, as the other eye: both are planned as one.</source>
        <translation>Dann auf ihr Gegenstück klicken, etwa das andere Auge: Beide werden gemeinsam geplant.</translation>
    </message>
    <message>
        <source>Plan it apart</source>
        <translation>Allein planen</translation>
    </message>
    <message>
        <source>It is no longer one of a pair.</source>
        <translation>Sie gehört zu keinem Paar mehr.</translation>
    </message>
    <message>
        <source>No arrows in it</source>
        <translation>Keine Pfeile darin</translation>
    </message>
    <message>
        <source>No face</source>
        <translation>Kein Gesicht</translation>
    </message>
    <message>
        <source>What was taken for a face here is none: its areas are given back.</source>
        <translation>Was hier für ein Gesicht gehalten wurde, ist keines: Seine Flächen werden zurückgegeben.</translation>
    </message>
    <message>
        <source>as it is seen</source>
        <translation>wie gesehen</translation>
    </message>
    <message>
        <source>with…</source>
        <translation>mit …</translation>
    </message>
    <message>
        <source>Then click on the area that it meets there.</source>
        <translation>Dann auf die Fläche klicken, an die sie dort stößt.</translation>
    </message>
    <message>
        <source>Make its edge</source>
        <translation>Kante festlegen</translation>
    </message>
    <message>
        <source>Another reference comes up: draw a diagonal over the part whose colours the area takes.</source>
        <translation>Eine andere Vorlage erscheint: eine Diagonale über den Teil ziehen, dessen Farben die Fläche nimmt.</translation>
    </message>
    <message>
        <source>takes its colours from</source>
        <translation>nimmt ihre Farben von</translation>
    </message>
    <message>
        <source>No arrows</source>
        <translation>Keine Pfeile</translation>
    </message>
    <message>
        <source>Colours of its own</source>
        <translation>Eigene Farben</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>Area&apos;s name</source>
        <translation>Name der Fläche</translation>
    </message>
    <message>
        <source>of</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Area&apos;s kind</source>
        <translation>Art der Fläche</translation>
    </message>
    <message>
        <source>in the</source>
        <translation>im</translation>
    </message>
    <message>
        <source>Area&apos;s plane</source>
        <translation>Bildebene der Fläche</translation>
    </message>
    <message>
        <source>What the picture is about</source>
        <translation>Wovon das Bild handelt</translation>
    </message>
    <message>
        <source>Direction of the strokes</source>
        <translation>Richtung der Striche</translation>
    </message>
    <message>
        <source>Plan an area apart</source>
        <translation>Fläche allein planen</translation>
    </message>
    <message>
        <source>Edge between two areas</source>
        <translation>Kante zwischen zwei Flächen</translation>
    </message>
    <message>
        <source>Pair two areas</source>
        <translation>Zwei Flächen paaren</translation>
    </message>
    <message>
        <source>Colours from another reference</source>
        <translation>Farben aus einer anderen Vorlage</translation>
    </message>
    <message>
        <source>this picture</source>
        <translation>diesem Bild</translation>
    </message>
    <message>
        <source>pair</source>
        <translation>Paar</translation>
    </message>
    <message>
        <source>Draw a diagonal over the part of this reference whose colours the area takes, from its darkest to its lightest. &quot;this picture&quot; gives it its own colours back.</source>
        <translation>Ziehen Sie eine Diagonale über den Teil dieser Vorlage, dessen Farben die Fläche nimmt, von ihrem Dunkelsten zu ihrem Hellsten. „diesem Bild“ gibt ihr die eigenen Farben zurück.</translation>
    </message>
    <message>
        <source>Click on the area that is to be one with the chosen one.</source>
        <translation>Klicken Sie auf die Fläche, die mit der gewählten eins werden soll.</translation>
    </message>
    <message>
        <source>Click on the area with which the chosen one has this edge.</source>
        <translation>Klicken Sie auf die Fläche, mit der die gewählte diese Kante hat.</translation>
    </message>
    <message>
        <source>Click on the area that is planned as one with the chosen one.</source>
        <translation>Klicken Sie auf die Fläche, die mit der gewählten gemeinsam geplant wird.</translation>
    </message>
    <message numerus="yes">
        <source>%n areas are proposed. Click on one to say what it is; scribble on the picture to correct them.</source>
        <translation>
            <numerusform>%n Fläche ist vorgeschlagen. Klicken Sie darauf, um zu sagen, was sie ist; mit Strichen auf dem Bild wird sie berichtigt.</numerusform>
            <numerusform>%n Flächen sind vorgeschlagen. Klicken Sie auf eine, um zu sagen, was sie ist; mit Strichen auf dem Bild werden sie berichtigt.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2 %)</source>
        <translation>%1 (%2 %)</translation>
    </message>
    <message>
        <source>%1 holds %2 % of the picture.</source>
        <translation>%1 nimmt %2 % des Bildes ein.</translation>
    </message>
    <message>
        <source>%1 holds less than 1 % of the picture.</source>
        <translation>%1 nimmt weniger als 1 % des Bildes ein.</translation>
    </message>
    <message>
        <source>It lies in the %1.</source>
        <translation>Ebene: %1.</translation>
    </message>
    <message>
        <source>It lies in the %1: %2.</source>
        <translation>Ebene: %1; %2.</translation>
    </message>
    <message>
        <source>Its light: %1.</source>
        <translation>Ihr Licht: %1.</translation>
    </message>
    <message>
        <source>Planned together with %1: the same layers, in the same steps.</source>
        <translation>Gemeinsam geplant mit %1: dieselben Schichten in denselben Schritten.</translation>
    </message>
    <message>
        <source>Its colours come from %1.</source>
        <translation>Ihre Farben kommen von %1.</translation>
    </message>
    <message>
        <source>How many areas are proposed.</source>
        <translation>Wie viele Flächen vorgeschlagen werden.</translation>
    </message>
    <message>
        <source>Takes the arrows off: strokes follow none in this area.</source>
        <translation>Nimmt die Pfeile weg: In dieser Fläche folgen Striche keinem.</translation>
    </message>
    <message>
        <source>How hard the border to a neighbour is: hard, soft or lost. As it is seen: measured from how fast the colours change there.</source>
        <translation>Wie hart die Grenze zu einem Nachbarn ist: hart, weich oder verloren. Wie gesehen: gemessen daran, wie schnell die Farben dort wechseln.</translation>
    </message>
    <message>
        <source>What you call this area: the plan and the log name it so.</source>
        <translation>Wie Sie diese Fläche nennen: So heißt sie im Plan und im Logbuch.</translation>
    </message>
    <message>
        <source>What it is: the plan gives advice for it and lays its strokes accordingly.</source>
        <translation>Was sie ist: Der Plan gibt Rat dafür und legt ihre Striche danach.</translation>
    </message>
    <message>
        <source>How near it lies: what is behind is laid first, softer and greyer.</source>
        <translation>Wie nah sie liegt: Was hinten ist, wird zuerst gelegt, weicher und grauer.</translation>
    </message>
    <message>
        <source>It may be finished first, and the strongest contrast is held against it.</source>
        <translation>Sie kann zuerst fertig werden, und der stärkste Kontrast wird an ihr gemessen.</translation>
    </message>
    <message numerus="yes">
        <source>%n as corrected</source>
        <translation>
            <numerusform>%n nach der Korrektur</numerusform>
            <numerusform>%n nach der Korrektur</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (under 1 %)</source>
        <translation>%1 (unter 1 %)</translation>
    </message>
</context>
<context>
    <name>app::Beginning</name>
    <message>
        <source>Your picture, measured: areas, values, colours.</source>
        <translation>Ihr Bild, ausgemessen: Flächen, Tonwerte, Farben.</translation>
    </message>
    <message>
        <source>Paper, sticks, underpainting and each layer, in the order of the work.</source>
        <translation>Papier, Kreiden, Untermalung und jede Schicht, in der Reihenfolge der Arbeit.</translation>
    </message>
    <message>
        <source>How the sheet will look, before a stroke is laid.</source>
        <translation>Wie das Blatt aussehen wird, noch vor dem ersten Strich.</translation>
    </message>
    <message>
        <source>Plan a pastel before you touch the paper</source>
        <translation>Ein Pastell planen, ehe das Papier berührt wird</translation>
    </message>
    <message>
        <source>Open a picture…</source>
        <translation>Bild öffnen …</translation>
    </message>
    <message>
        <source>or drop a picture or a study anywhere in this window</source>
        <translation>oder ein Bild oder eine Studie irgendwo in dieses Fenster ziehen</translation>
    </message>
    <message>
        <source>Open a study…</source>
        <translation>Studie öffnen …</translation>
    </message>
    <message>
        <source>Try one of these</source>
        <translation>Eine von diesen ausprobieren</translation>
    </message>
    <message>
        <source>Kettle by the window</source>
        <translation>Kessel am Fenster</translation>
    </message>
    <message>
        <source>a still life, dark and warm</source>
        <translation>ein Stillleben, dunkel und warm</translation>
    </message>
    <message>
        <source>Tea hills at first light</source>
        <translation>Teehügel im ersten Licht</translation>
    </message>
    <message>
        <source>a landscape with mist</source>
        <translation>eine Landschaft im Dunst</translation>
    </message>
    <message>
        <source>Open last</source>
        <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>app::BenchStation</name>
    <message>
        <source>The step in hand</source>
        <translation>Der Schritt, der dran ist</translation>
    </message>
    <message>
        <source>as it is laid, so it is kept</source>
        <translation>wie es gelegt wird, so wird es festgehalten</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Gelegt</translation>
    </message>
    <message>
        <source>The step is laid</source>
        <translation>Der Schritt ist gelegt</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Take back what was done last</source>
        <translation>Das zuletzt Getane zurücknehmen</translation>
    </message>
    <message>
        <source>Lighter</source>
        <translation>Leichter</translation>
    </message>
    <message>
        <source>Laid lighter than planned</source>
        <translation>Leichter gelegt als geplant</translation>
    </message>
    <message>
        <source>Heavier</source>
        <translation>Kräftiger</translation>
    </message>
    <message>
        <source>Laid heavier than planned</source>
        <translation>Kräftiger gelegt als geplant</translation>
    </message>
    <message>
        <source>Other stick</source>
        <translation>Andere Kreide</translation>
    </message>
    <message>
        <source>Another stick was taken</source>
        <translation>Eine andere Kreide wurde genommen</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Auslassen</translation>
    </message>
    <message>
        <source>Pass this step over</source>
        <translation>Diesen Schritt auslassen</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Write a note</source>
        <translation>Eine Notiz schreiben</translation>
    </message>
    <message>
        <source>Photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Keep a photograph of the sheet</source>
        <translation>Ein Foto des Blattes behalten</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Pause, or go on</source>
        <translation>Pausieren oder weitermachen</translation>
    </message>
    <message>
        <source>It is dry</source>
        <translation>Ist trocken</translation>
    </message>
    <message>
        <source>What dries longest is dry already: nothing waits for it any more.</source>
        <translation>Was am längsten trocknet, ist schon trocken: Nichts wartet mehr darauf.</translation>
    </message>
    <message>
        <source>Fixed  F</source>
        <translation>Fixiert  F</translation>
    </message>
    <message>
        <source>A pass of fixative went over the whole sheet, beside the plan.</source>
        <translation>Fixativ ging über das ganze Blatt, neben dem Plan.</translation>
    </message>
    <message>
        <source>The sheet was fixed</source>
        <translation>Das Blatt wurde fixiert</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>Step back every</source>
        <translation>Zurücktreten alle</translation>
    </message>
    <message>
        <source>Sound when dry</source>
        <translation>Ton, wenn trocken</translation>
    </message>
    <message>
        <source>Watch a folder</source>
        <translation>Ordner beobachten</translation>
    </message>
    <message>
        <source>New pictures that a camera puts into a folder are kept by themselves.</source>
        <translation>Neue Bilder, die eine Kamera in einen Ordner legt, werden von selbst behalten.</translation>
    </message>
    <message>
        <source>Where new photographs arrive</source>
        <translation>Wo neue Fotos ankommen</translation>
    </message>
    <message>
        <source>What is left was planned anew: the finished sheet would be %1, and was to be %2.</source>
        <translation>Der Rest wurde neu geplant: Das fertige Blatt wäre %1 und sollte %2 sein.</translation>
    </message>
    <message>
        <source>%1
%2</source>
        <translation>%1
%2</translation>
    </message>
    <message>
        <source>%1
Space</source>
        <translation>%1
Leertaste</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>%1
U</source>
        <translation>%1
U</translation>
    </message>
    <message>
        <source>The sheet is dry</source>
        <translation>Das Blatt ist trocken</translation>
    </message>
    <message>
        <source>Step %1 is dry</source>
        <translation>Schritt %1 ist trocken</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Schritt %1: %2</translation>
    </message>
    <message>
        <source>A photograph of the sheet as it is now</source>
        <translation>Ein Foto des Blattes, wie es jetzt ist</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Watching %1</source>
        <translation>%1 wird beobachtet</translation>
    </message>
    <message>
        <source>The fixed sheet</source>
        <translation>Das fixierte Blatt</translation>
    </message>
    <message>
        <source>Dry</source>
        <translation>Trocken</translation>
    </message>
    <message>
        <source>%1. Feel it with the back of a finger: what is still cold is not dry.</source>
        <translation>%1. Mit dem Fingerrücken fühlen: Was noch kalt ist, ist nicht trocken.</translation>
    </message>
    <message>
        <source>Step back</source>
        <translation>Zurücktreten</translation>
    </message>
    <message>
        <source>What needs to be lighter, darker, warmer? Tap the dust off; rest your eyes and your shoulders.</source>
        <translation>Was muss heller, dunkler, wärmer werden? Staub abklopfen; Augen und Schultern ausruhen.</translation>
    </message>
    <message>
        <source>Subject, mirrored, half-closed eyes</source>
        <translation>Motiv, gespiegelt, mit halb geschlossenen Augen</translation>
    </message>
    <message>
        <source>Sheet as planned by now, likewise</source>
        <translation>Blatt, wie bis jetzt geplant, ebenso</translation>
    </message>
    <message>
        <source>slot %1</source>
        <translation>Fach %1</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>all is laid</source>
        <translation>alles gelegt</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n steps</source>
        <translation>
            <numerusform>%1 von %n Schritt</numerusform>
            <numerusform>%1 von %n Schritten</numerusform>
        </translation>
    </message>
    <message>
        <source>The step in hand stands here in large letters, to be read from the easel. Space begins, and then says that a step is laid; Backspace takes that back. S: another stick was taken; L and H: laid lighter or heavier; X passes a step over; N is a note, P a photograph, U a pause; F: the sheet was fixed. Whatever you do is kept at once, and what is left is planned from it.</source>
        <translation>Der Schritt, der dran ist, steht hier in großen Buchstaben, von der Staffelei aus zu lesen. Die Leertaste beginnt und sagt dann, dass ein Schritt gelegt ist; die Rücktaste nimmt das zurück. S: eine andere Kreide wurde genommen; L und H: leichter oder kräftiger gelegt; X lässt einen Schritt aus; N ist eine Notiz, P ein Foto, U eine Pause; F: das Blatt wurde fixiert. Was Sie tun, wird sofort festgehalten, und der Rest wird danach geplant.</translation>
    </message>
    <message>
        <source>No plan yet</source>
        <translation>Noch kein Plan</translation>
    </message>
    <message>
        <source>All is laid</source>
        <translation>Alles ist gelegt</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Warten</translation>
    </message>
    <message>
        <source>You noted here: %1.</source>
        <translation>Sie haben hier notiert: %1.</translation>
    </message>
    <message>
        <source>Sheet, all layers laid</source>
        <translation>Blatt, alle Schichten gelegt</translation>
    </message>
    <message>
        <source>Sheet as it is laid by now</source>
        <translation>Blatt, wie es bis jetzt liegt</translation>
    </message>
    <message>
        <source>Where step %1 goes, and how hard</source>
        <translation>Wohin Schritt %1 kommt und wie kräftig</translation>
    </message>
    <message>
        <source>Sheet when step %1 is laid</source>
        <translation>Blatt, wenn Schritt %1 gelegt ist</translation>
    </message>
    <message>
        <source>at the end %1</source>
        <translation>am Ende %1</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Staffelei</translation>
    </message>
    <message>
        <source>After so many minutes of work you are asked to step back and look.</source>
        <translation>Nach so vielen Minuten Arbeit werden Sie gebeten, zurückzutreten und zu schauen.</translation>
    </message>
    <message>
        <source>A sound when something that you wait for is dry.</source>
        <translation>Ein Ton, wenn etwas trocken ist, auf das Sie warten.</translation>
    </message>
</context>
<context>
    <name>app::BenchView</name>
    <message>
        <source>The step in hand</source>
        <translation>Der Schritt, der dran ist</translation>
    </message>
    <message>
        <source>The plan is being made</source>
        <translation>Der Plan wird gemacht</translation>
    </message>
    <message>
        <source>Its steps stand here as soon as it is there.</source>
        <translation>Seine Schritte stehen hier, sobald er da ist.</translation>
    </message>
    <message>
        <source>All is laid</source>
        <translation>Alles ist gelegt</translation>
    </message>
    <message>
        <source>Tape off, soften the hard edge, sign with a soft stick, glassine: the Log has the last steps, to be ticked.</source>
        <translation>Klebeband abziehen, harte Kante weich machen, mit weicher Kreide signieren, Pergamin: Im Logbuch stehen die letzten Handgriffe zum Abhaken.</translation>
    </message>
    <message>
        <source>There is no place left that could be worked on meanwhile.</source>
        <translation>Es ist keine Stelle übrig, an der inzwischen gearbeitet werden könnte.</translation>
    </message>
    <message>
        <source>Wait until it is dry</source>
        <translation>Warten, bis es trocken ist</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>instead of the plan&apos;s stick</source>
        <translation>statt der Kreide des Plans</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Schritt %1 von %2</translation>
    </message>
    <message>
        <source>of about %1</source>
        <translation>von etwa %1</translation>
    </message>
    <message>
        <source>%1; Space begins</source>
        <translation>%1; Leertaste beginnt</translation>
    </message>
    <message>
        <source>at a pause; Space goes on</source>
        <translation>in einer Pause; Leertaste macht weiter</translation>
    </message>
    <message>
        <source>being kept …</source>
        <translation>wird festgehalten …</translation>
    </message>
    <message>
        <source>Meanwhile here: an earlier place is not dry.</source>
        <translation>Inzwischen hier: Eine frühere Stelle ist nicht trocken.</translation>
    </message>
    <message>
        <source>This is the last step.</source>
        <translation>Das ist der letzte Schritt.</translation>
    </message>
    <message>
        <source>Then: %1; %2</source>
        <translation>Dann: %1; %2</translation>
    </message>
</context>
<context>
    <name>app::CardSheet</name>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>glossy</source>
        <translation>glänzend</translation>
    </message>
    <message>
        <source>unsure</source>
        <translation>unsicher</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>Reihen der Karte</translation>
    </message>
    <message>
        <source>light</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>kräftig</translation>
    </message>
    <message>
        <source>known so far</source>
        <translation>bisher bekannt</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>wie gelesen</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>± %1</source>
        <translation>± %1</translation>
    </message>
    <message>
        <source>Swatch card: %1</source>
        <translation>Farbkarte: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Das Foto wird gelesen.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Karte lesen</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Diese Messungen übernehmen</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>Colour by hand</source>
        <translation>Farbe von Hand</translation>
    </message>
    <message>
        <source>Use the light field</source>
        <translation>Das leichte Feld nehmen</translation>
    </message>
    <message>
        <source>Use the medium field</source>
        <translation>Das mittlere Feld nehmen</translation>
    </message>
    <message>
        <source>Use the heavy field</source>
        <translation>Das kräftige Feld nehmen</translation>
    </message>
    <message>
        <source>This is card %1 as it was printed. Look through the rows, then take the readings.</source>
        <translation>Das ist Karte %1, wie sie gedruckt wurde. Sehen Sie die Reihen durch und übernehmen Sie dann die Messungen.</translation>
    </message>
    <message>
        <source>This card was not printed from this drawer: its rows are taken for what is shown in the window. Say for each row what it is if they are others.</source>
        <translation>Diese Karte wurde nicht aus dieser Schublade gedruckt: Ihre Reihen gelten für das, was im Fenster gezeigt wird. Sagen Sie bei jeder Reihe, was sie ist, falls sie andere sind.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Row %1</source>
        <translation>Reihe %1</translation>
    </message>
    <message>
        <source>It is given to nothing.</source>
        <translation>Sie ist nichts zugeordnet.</translation>
    </message>
    <message>
        <source>No field of it can be used.</source>
        <translation>Keines ihrer Felder ist brauchbar.</translation>
    </message>
    <message>
        <source>Against what was known: %1.</source>
        <translation>Gegenüber dem Bekannten: %1.</translation>
    </message>
    <message numerus="yes">
        <source>Take %n readings</source>
        <translation>
            <numerusform>%n Messung übernehmen</numerusform>
            <numerusform>%n Messungen übernehmen</numerusform>
        </translation>
    </message>
    <message>
        <source>Read a swatch card</source>
        <translation>Farbkarte lesen</translation>
    </message>
    <message numerus="yes">
        <source>%n readings were taken from the card.</source>
        <translation>
            <numerusform>%n Messung wurde von der Karte übernommen.</numerusform>
            <numerusform>%n Messungen wurden von der Karte übernommen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Your hand lays more than is usual (%1 times).</source>
        <translation>Ihre Hand legt mehr als üblich (das %1-Fache).</translation>
    </message>
    <message>
        <source>Your hand lays less than is usual (%1 times).</source>
        <translation>Ihre Hand legt weniger als üblich (das %1-Fache).</translation>
    </message>
    <message>
        <source>Your hand lays about as much as is usual.</source>
        <translation>Ihre Hand legt etwa so viel wie üblich.</translation>
    </message>
</context>
<context>
    <name>app::ChangesSheet</name>
    <message>
        <source>%1 is kept in the picture</source>
        <translation>%1 wird im Bild gehalten</translation>
    </message>
    <message>
        <source>%1 is left out of the picture</source>
        <translation>%1 wird aus dem Bild gelassen</translation>
    </message>
    <message>
        <source>%1 is laid in the place of %2</source>
        <translation>%1 wird anstelle von %2 gelegt</translation>
    </message>
    <message>
        <source>%1: its layers are yours</source>
        <translation>%1: Die Schichten sind von Ihnen</translation>
    </message>
    <message>
        <source>%1: its ground is mixed by you</source>
        <translation>%1: Der Grund ist von Ihnen gemischt</translation>
    </message>
    <message>
        <source>%1: without %2</source>
        <translation>%1: ohne %2</translation>
    </message>
    <message>
        <source>%1: layer %2 is laid at another time, as step %3</source>
        <translation>%1: Schicht %2 wird zu anderer Zeit gelegt, als Schritt %3</translation>
    </message>
    <message>
        <source>An evening ends after step %1</source>
        <translation>Ein Abend endet nach Schritt %1</translation>
    </message>
    <message>
        <source>All that you set by hand</source>
        <translation>Alles, was Sie von Hand festgelegt haben</translation>
    </message>
    <message>
        <source>The plan is made around it. What is set back is the plan&apos;s.</source>
        <translation>Der Plan wird darum herum gemacht. Was zurückgesetzt wird, ist wieder Sache des Plans.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Set back: %1</source>
        <translation>Zurücksetzen: %1</translation>
    </message>
    <message>
        <source>Nothing is left that you have set.</source>
        <translation>Nichts mehr ist von Ihnen festgelegt.</translation>
    </message>
</context>
<context>
    <name>app::CheckStation</name>
    <message>
        <source>What the work wants</source>
        <translation>Was die Arbeit braucht</translation>
    </message>
    <message>
        <source>read from a photograph of it</source>
        <translation>gelesen aus einem Foto von ihr</translation>
    </message>
    <message>
        <source>Photograph…</source>
        <translation>Foto …</translation>
    </message>
    <message>
        <source>A photograph of the whole sheet, from straight before it, with some of the board round it</source>
        <translation>Ein Foto des ganzen Blattes, gerade von vorn, mit etwas Brett ringsum</translation>
    </message>
    <message>
        <source>Corners by hand</source>
        <translation>Ecken von Hand</translation>
    </message>
    <message>
        <source>Set the picture&apos;s four corners in the photograph yourself</source>
        <translation>Die vier Ecken des Bildes im Foto selbst setzen</translation>
    </message>
    <message>
        <source>Laid up to step</source>
        <translation>Gelegt bis Schritt</translation>
    </message>
    <message>
        <source>Against the plan</source>
        <translation>Gegen den Plan</translation>
    </message>
    <message>
        <source>Against the subject</source>
        <translation>Gegen das Motiv</translation>
    </message>
    <message>
        <source>Has it been laid as it was meant?</source>
        <translation>Ist es so gelegt, wie es gemeint war?</translation>
    </message>
    <message>
        <source>What is left to do?</source>
        <translation>Was bleibt zu tun?</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>What each area wants, from the worst to the best</source>
        <translation>Was jede Fläche braucht, die schlimmste zuerst</translation>
    </message>
    <message>
        <source>The way</source>
        <translation>Der Weg</translation>
    </message>
    <message>
        <source>The photographs that were kept, and how near each was</source>
        <translation>Die behaltenen Fotos, und wie nah jedes war</translation>
    </message>
    <message>
        <source>Reading the photograph</source>
        <translation>Foto wird gelesen</translation>
    </message>
    <message>
        <source>Only keep it</source>
        <translation>Nur behalten</translation>
    </message>
    <message>
        <source>The photograph goes into the log; the plan stays as it is</source>
        <translation>Das Foto kommt ins Logbuch; der Plan bleibt, wie er ist</translation>
    </message>
    <message>
        <source>Take the corrections</source>
        <translation>Berichtigungen übernehmen</translation>
    </message>
    <message>
        <source>What is left is planned anew from the sheet as the photograph shows it</source>
        <translation>Der Rest wird neu geplant, vom Blatt aus, wie das Foto es zeigt</translation>
    </message>
    <message>
        <source>A photograph of the sheet as it is now</source>
        <translation>Ein Foto des Blattes, wie es jetzt ist</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;All files (*)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>The photograph is read against the plan: wait until that is made.</source>
        <translation>Das Foto wird gegen den Plan gelesen: Warten Sie, bis er gemacht ist.</translation>
    </message>
    <message>
        <source>%1 If it is there, set its corners by hand: click them in the photograph.</source>
        <translation>%1 Ist es darauf, setzen Sie die Ecken von Hand: Klicken Sie sie im Foto an.</translation>
    </message>
    <message>
        <source>The photograph is upside down; it was read turned.</source>
        <translation>Das Foto steht kopf; es wurde gedreht gelesen.</translation>
    </message>
    <message>
        <source>The photograph lies on its side; it was read turned.</source>
        <translation>Das Foto liegt auf der Seite; es wurde gedreht gelesen.</translation>
    </message>
    <message numerus="yes">
        <source>Take %n corrections</source>
        <translation>
            <numerusform>%n Berichtigung übernehmen</numerusform>
            <numerusform>%n Berichtigungen übernehmen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 from the plan</source>
        <translation>%1 vom Plan entfernt</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message numerus="yes">
        <source>%n photographs</source>
        <translation>
            <numerusform>%n Foto</numerusform>
            <numerusform>%n Fotos</numerusform>
        </translation>
    </message>
    <message>
        <source>Photograph the whole sheet from straight before it, evenly lit, with some of the board round it; a grey card beside it makes the colours surer. Check tells what each area is off by against the plan or the subject, what would mend it, and plans what is left from there. Hold A to lay what it is compared with over the work.</source>
        <translation>Fotografieren Sie das ganze Blatt gerade von vorn, gleichmäßig beleuchtet, mit etwas Brett ringsum; eine Graukarte daneben macht die Farben sicherer. Prüfen sagt, um wie viel jede Fläche vom Plan oder vom Motiv abweicht, was sie bessern würde, und plant den Rest von dort aus. Mit gehaltenem A liegt das, womit verglichen wird, über der Arbeit.</translation>
    </message>
    <message>
        <source>Sheet as planned after step %1</source>
        <translation>Blatt, wie nach Schritt %1 geplant</translation>
    </message>
    <message>
        <source>The work after step %1</source>
        <translation>Die Arbeit nach Schritt %1</translation>
    </message>
    <message>
        <source>%1 from the subject</source>
        <translation>%1 vom Motiv entfernt</translation>
    </message>
    <message>
        <source>No photograph is read</source>
        <translation>Kein Foto ist gelesen</translation>
    </message>
    <message>
        <source>Photograph the sheet on its board and give the picture here, or drop it on this panel.</source>
        <translation>Fotografieren Sie das Blatt auf seinem Brett und geben Sie das Bild hier an, oder ziehen Sie es auf diese Spalte.</translation>
    </message>
    <message>
        <source>%1 of %2 steps are laid. A photograph gains most at the end: what is laid after it has its own faults, which it cannot show.</source>
        <translation>%1 von %2 Schritten sind gelegt. Ein Foto bringt am Ende am meisten: Was danach gelegt wird, hat eigene Fehler, die es nicht zeigen kann.</translation>
    </message>
    <message>
        <source>Against the plan: %1, %2.</source>
        <translation>Gegen den Plan: %1, %2.</translation>
    </message>
    <message>
        <source>Against the subject: %1, %2.</source>
        <translation>Gegen das Motiv: %1, %2.</translation>
    </message>
    <message>
        <source>To be laid for it</source>
        <translation>Dafür zu legen</translation>
    </message>
    <message>
        <source>The photograph&apos;s own error could explain what it is off the plan.</source>
        <translation>Der Fehler des Fotos selbst könnte erklären, um wie viel es vom Plan abweicht.</translation>
    </message>
    <message>
        <source>What comes first</source>
        <translation>Was zuerst kommt</translation>
    </message>
    <message>
        <source>Nothing stands out: go on as planned.</source>
        <translation>Nichts fällt auf: weiter wie geplant.</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>The Bench tells of no laid step: corrections can be taken once it does.</source>
        <translation>Die Staffelei weiß von keinem gelegten Schritt: Berichtigungen gibt es, sobald sie es tut.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Up to which step the sheet was laid when it was photographed.</source>
        <translation>Bis zu welchem Schritt das Blatt gelegt war, als es fotografiert wurde.</translation>
    </message>
    <message>
        <source>a place in: %1</source>
        <translation>eine Stelle in: %1</translation>
    </message>
    <message>
        <source>The area as a whole:</source>
        <translation>Die Fläche im Ganzen:</translation>
    </message>
</context>
<context>
    <name>app::ColourLeaf</name>
    <message>
        <source>Chroma</source>
        <translation>Buntheit</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>Kontrast</translation>
    </message>
    <message>
        <source>Lighter</source>
        <translation>Leichter</translation>
    </message>
    <message>
        <source>Warmer</source>
        <translation>Wärmer</translation>
    </message>
    <message>
        <source>−0.3 steps </source>
        <translation>−0,3 Stufen </translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Ganzes Bild</translation>
    </message>
    <message>
        <source>Chooses for the whole picture again; a click on the subject chooses for the area there.</source>
        <translation>Wählt wieder für das ganze Bild; ein Klick auf das Motiv wählt für die Fläche dort.</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Softer, calmer, a little lighter and bluer: further away.</source>
        <translation>Weicher, ruhiger, etwas heller und blauer: weiter weg.</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>Set an area back</source>
        <translation>Eine Fläche zurücksetzen</translation>
    </message>
    <message>
        <source>Colours as they are</source>
        <translation>Farben, wie sie sind</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 Stufen</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>before: as photographed</source>
        <translation>vorher: wie fotografiert</translation>
    </message>
    <message>
        <source>You choose for the whole picture. Click on the subject to choose for an area alone.</source>
        <translation>Sie wählen für das ganze Bild. Klicken Sie auf das Motiv, um nur für eine Fläche zu wählen.</translation>
    </message>
    <message>
        <source>You choose for %1.</source>
        <translation>Sie wählen für %1.</translation>
    </message>
    <message>
        <source>Whole picture: %1.</source>
        <translation>Ganzes Bild: %1.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>How vivid it is meant, against the photograph.</source>
        <translation>Wie leuchtend es gemeint ist, gegenüber dem Foto.</translation>
    </message>
    <message>
        <source>How far its values are meant apart, against the photograph.</source>
        <translation>Wie weit seine Tonwerte auseinander gemeint sind, gegenüber dem Foto.</translation>
    </message>
    <message>
        <source>By how many value steps it is meant lighter or darker.</source>
        <translation>Um wie viele Tonwertstufen es heller oder dunkler gemeint ist.</translation>
    </message>
    <message>
        <source>How far its colours are meant towards orange or blue.</source>
        <translation>Wie weit seine Farben zu Orange oder Blau hin gemeint sind.</translation>
    </message>
    <message>
        <source>Takes back all that is changed here on purpose.</source>
        <translation>Nimmt alles zurück, was hier mit Absicht geändert ist.</translation>
    </message>
</context>
<context>
    <name>app::ColourPick</name>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Farbe aufnehmen</translation>
    </message>
    <message>
        <source>Click where the swatch lies flat in even daylight; arrow keys move the spot. A photograph shows its own light: a swatch card or a colour reader tells a colour better.</source>
        <translation>Klicken Sie, wo die Farbprobe flach in gleichmäßigem Tageslicht liegt; die Pfeiltasten verschieben die Stelle. Ein Foto zeigt sein eigenes Licht: Eine Farbkarte oder ein Farbmessgerät sagt eine Farbe besser.</translation>
    </message>
    <message>
        <source>Nothing is picked yet.</source>
        <translation>Noch ist nichts aufgenommen.</translation>
    </message>
    <message>
        <source>Take this colour</source>
        <translation>Diese Farbe nehmen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>%1, value %2, chroma %3</source>
        <translation>%1, Tonwert %2, Buntheit %3</translation>
    </message>
    <message>
        <source>Detach it</source>
        <translation>Ablösen</translation>
    </message>
</context>
<context>
    <name>app::CornersByHand</name>
    <message>
        <source>Click the picture&apos;s upper left corner</source>
        <translation>Klicken Sie auf die linke obere Ecke des Bildes</translation>
    </message>
    <message>
        <source>Click the picture&apos;s upper right corner</source>
        <translation>Klicken Sie auf die rechte obere Ecke des Bildes</translation>
    </message>
    <message>
        <source>Click the picture&apos;s lower right corner</source>
        <translation>Klicken Sie auf die rechte untere Ecke des Bildes</translation>
    </message>
    <message>
        <source>Click the picture&apos;s lower left corner</source>
        <translation>Klicken Sie auf die linke untere Ecke des Bildes</translation>
    </message>
</context>
<context>
    <name>app::CurveLeaf</name>
    <message>
        <source>Picture difference by the number of sticks</source>
        <translation>Bildabstand nach Anzahl der Kreiden</translation>
    </message>
    <message>
        <source> ΔE00</source>
        <translation> ΔE00</translation>
    </message>
    <message>
        <source>As few as keep it within</source>
        <translation>So wenige, wie ihn halten innerhalb</translation>
    </message>
    <message>
        <source>No number does</source>
        <translation>Keine Anzahl tut es</translation>
    </message>
    <message>
        <source>Number of sticks</source>
        <translation>Anzahl der Kreiden</translation>
    </message>
    <message numerus="yes">
        <source>Take %n sticks</source>
        <translation>
            <numerusform>%n Kreide nehmen</numerusform>
            <numerusform>%n Kreiden nehmen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 ΔE00</source>
        <translation>%1 ΔE00</translation>
    </message>
    <message>
        <source>sticks at most</source>
        <translation>Kreiden höchstens</translation>
    </message>
    <message>
        <source>sticks at most; more numbers are being tried</source>
        <translation>Kreiden höchstens; weitere Anzahlen werden erprobt</translation>
    </message>
    <message>
        <source>from here on more gain little</source>
        <translation>von hier an bringen mehr wenig</translation>
    </message>
    <message>
        <source>How many sticks</source>
        <translation>Wie viele Kreiden</translation>
    </message>
    <message>
        <source>Each point is a whole plan with so many sticks at most. Click one to take that number.</source>
        <translation>Jeder Punkt ist ein ganzer Plan mit höchstens so vielen Kreiden. Klicken Sie einen an, um diese Anzahl zu nehmen.</translation>
    </message>
    <message numerus="yes">
        <source>With at most %n sticks the finished sheet is %1 (%2).</source>
        <translation>
            <numerusform>Mit höchstens %n Kreide ist das fertige Blatt %1 (%2).</numerusform>
            <numerusform>Mit höchstens %n Kreiden ist das fertige Blatt %1 (%2).</numerusform>
        </translation>
    </message>
    <message>
        <source>The curve bends at %1: below it every stick counts, above it more gain little.</source>
        <translation>Die Kurve knickt bei %1: Darunter zählt jede Kreide, darüber bringen mehr wenig.</translation>
    </message>
    <message>
        <source>More than %1 are not taken up: what they gain is less than what picking them up costs.</source>
        <translation>Mehr als %1 werden nicht zur Hand genommen: Was sie bringen, ist weniger, als das Wechseln kostet.</translation>
    </message>
    <message>
        <source>How much farther off than with all sticks the sheet may be.</source>
        <translation>Um wie viel weiter entfernt als mit allen Kreiden das Blatt sein darf.</translation>
    </message>
    <message>
        <source>Takes the least number of sticks that stays within this.</source>
        <translation>Nimmt die kleinste Anzahl Kreiden, die darin bleibt.</translation>
    </message>
</context>
<context>
    <name>app::Desk</name>
    <message>
        <source>The drawer has no stick, pencil or pan that is not used up, so those of the starter materials are taken: put your own in under Materials.</source>
        <translation>In der Schublade ist keine Kreide, kein Stift und kein Näpfchen, das nicht aufgebraucht wäre; also gelten die des Grundbestands: Legen Sie Ihre eigenen unter Material hinein.</translation>
    </message>
    <message>
        <source>There is no tray %1 any more: choose another.</source>
        <translation>Den Kasten %1 gibt es nicht mehr: Wählen Sie einen anderen.</translation>
    </message>
    <message>
        <source>The tray %1 has no stick, pencil or pan to plan with that is not used up: put some into it.</source>
        <translation>Im Kasten %1 ist keine Kreide, kein Stift und kein Näpfchen, das nicht aufgebraucht wäre: Legen Sie etwas hinein.</translation>
    </message>
    <message>
        <source>Draw from %1</source>
        <translation>Aus %1 schöpfen</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>die ganze Schublade</translation>
    </message>
</context>
<context>
    <name>app::DifferenceStrip</name>
    <message>
        <source>Areas from the worst to the best</source>
        <translation>Flächen, die schlimmste zuerst</translation>
    </message>
    <message>
        <source>Here the areas will stand, the worst first, with what would mend each.</source>
        <translation>Hier werden die Flächen stehen, die schlimmste zuerst, mit dem, was jede bessern würde.</translation>
    </message>
</context>
<context>
    <name>app::DrawerView</name>
    <message>
        <source>Drawer</source>
        <translation>Schublade</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing in the drawer is like that.</source>
        <translation>Nichts in der Schublade ist so.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>app::DrawingLesson</name>
    <message>
        <source>The subject, and the drawing</source>
        <translation>Das Motiv und die Zeichnung</translation>
    </message>
    <message>
        <source>None of the subject&apos;s shapes is to be found in the drawing: draw their outlines closed and dark, then photograph it again.</source>
        <translation>Keine Form des Motivs ist in der Zeichnung zu finden: Ziehen Sie die Umrisse geschlossen und dunkel und fotografieren Sie noch einmal.</translation>
    </message>
</context>
<context>
    <name>app::ExportSheet</name>
    <message>
        <source>Write the plan for the easel</source>
        <translation>Den Plan für die Staffelei schreiben</translation>
    </message>
    <message>
        <source>Everything goes into one folder, with plan.json, which other programs read. What an earlier plan left there is replaced; other files stay.</source>
        <translation>Alles kommt in einen Ordner, mit plan.json, das andere Programme lesen. Was ein früherer Plan dort hinterließ, wird ersetzt; andere Dateien bleiben.</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>Choose a folder…</source>
        <translation>Ordner wählen …</translation>
    </message>
    <message>
        <source>Sheets to print (PDF): plan, sticks to pull, a page for each step and evening</source>
        <translation>Blätter zum Drucken (PDF): Plan, Kreiden zum Heraussuchen, eine Seite für jeden Schritt und Abend</translation>
    </message>
    <message>
        <source>Tables of the steps and of the sticks to pull (CSV)</source>
        <translation>Tabellen der Schritte und der Kreiden zum Heraussuchen (CSV)</translation>
    </message>
    <message>
        <source>The sheet after each step (PNG)</source>
        <translation>Das Blatt nach jedem Schritt (PNG)</translation>
    </message>
    <message>
        <source>Where each step goes and how hard (PNG)</source>
        <translation>Wohin jeder Schritt kommt und wie kräftig (PNG)</translation>
    </message>
    <message>
        <source>The sheet with a layer for each stage of the work (OpenRaster)</source>
        <translation>Das Blatt mit einer Ebene für jeden Abschnitt der Arbeit (OpenRaster)</translation>
    </message>
    <message>
        <source>The colours of the sticks (palette text file, .gpl)</source>
        <translation>Die Farben der Kreiden (Palette als Textdatei, .gpl)</translation>
    </message>
    <message>
        <source>Writing the plan</source>
        <translation>Der Plan wird geschrieben</translation>
    </message>
    <message>
        <source>Write the plan</source>
        <translation>Den Plan schreiben</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>A folder for the plan</source>
        <translation>Ein Ordner für den Plan</translation>
    </message>
    <message>
        <source>The plan is in %1.</source>
        <translation>Der Plan liegt in %1.</translation>
    </message>
</context>
<context>
    <name>app::FamiliesLeaf</name>
    <message>
        <source>Limited palette</source>
        <translation>Begrenzte Palette</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>wird erprobt</translation>
    </message>
    <message>
        <source>as many as serve</source>
        <translation>so viele, wie nützen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>A limited palette</source>
        <translation>Eine begrenzte Palette</translation>
    </message>
    <message>
        <source>Fewer colours hold a picture together. Say how many sticks of each family it may have; each palette says what it would change in this picture. Black, white and greys are a family of their own.</source>
        <translation>Weniger Farben halten ein Bild zusammen. Sagen Sie, wie viele Kreiden jeder Familie es haben darf; jede Palette sagt, was sie in diesem Bild ändern würde. Schwarz, Weiß und Grautöne sind eine Familie für sich.</translation>
    </message>
    <message>
        <source>Earths are known by their pigments, or by a warm hue of little light where none is said; all else by its look.</source>
        <translation>Erden erkennt man an ihren Pigmenten oder, wo keines angegeben ist, an einem warmen, wenig hellen Farbton; alles andere an seinem Aussehen.</translation>
    </message>
    <message>
        <source>A palette of few colours: the whole plan is tried with it.</source>
        <translation>Eine Palette aus wenigen Farben: Der ganze Plan wird mit ihr erprobt.</translation>
    </message>
    <message>
        <source>How many sticks of this family the picture may have.</source>
        <translation>Wie viele Kreiden dieser Familie das Bild haben darf.</translation>
    </message>
</context>
<context>
    <name>app::FrameLeaf</name>
    <message>
        <source>leading</source>
        <translation>führend</translation>
    </message>
    <message>
        <source>The references are pinned up here.</source>
        <translation>Hier hängen die Vorlagen.</translation>
    </message>
    <message>
        <source>References</source>
        <translation>Vorlagen</translation>
    </message>
    <message>
        <source>Open picture…</source>
        <translation>Bild öffnen …</translation>
    </message>
    <message>
        <source>Pin up another…</source>
        <translation>Weitere anheften …</translation>
    </message>
    <message>
        <source>A second reference: areas may take their colours from it.</source>
        <translation>Eine zweite Vorlage: Flächen können ihre Farben von ihr nehmen.</translation>
    </message>
    <message>
        <source>Take it down</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>The reference that is looked at, with the colours that areas took from it.</source>
        <translation>Die Vorlage, die gerade betrachtet wird, mit den Farben, die Flächen von ihr genommen haben.</translation>
    </message>
    <message>
        <source>Take a reference down</source>
        <translation>Vorlage abnehmen</translation>
    </message>
    <message>
        <source>With the line</source>
        <translation>Mit der Linie</translation>
    </message>
    <message>
        <source>Level by it</source>
        <translation>Danach ausrichten</translation>
    </message>
    <message>
        <source>Turns the picture so that the line is level, or plumb if it is steep.</source>
        <translation>Dreht das Bild, bis die Linie waagrecht liegt, oder senkrecht, wenn sie steil ist.</translation>
    </message>
    <message>
        <source>Crop to it</source>
        <translation>Darauf zuschneiden</translation>
    </message>
    <message>
        <source>Takes the line for a diagonal and shows that part, grown to the sheet&apos;s format.</source>
        <translation>Nimmt die Linie als Diagonale und zeigt diesen Teil, erweitert auf das Format des Blattes.</translation>
    </message>
    <message>
        <source>Crop freely</source>
        <translation>Frei zuschneiden</translation>
    </message>
    <message>
        <source>The same, and the sheet&apos;s height follows.</source>
        <translation>Ebenso, und die Höhe des Blattes folgt.</translation>
    </message>
    <message>
        <source>Point at a grey</source>
        <translation>Auf ein Grau zeigen</translation>
    </message>
    <message>
        <source>Then click on something that is grey in truth: the picture&apos;s cast is taken off by it.</source>
        <translation>Klicken Sie dann auf etwas, das in Wahrheit grau ist: Der Farbstich des Bildes wird danach abgezogen.</translation>
    </message>
    <message>
        <source>As photographed</source>
        <translation>Wie fotografiert</translation>
    </message>
    <message>
        <source>The whole reference again, not turned, with the colours that it came with.</source>
        <translation>Wieder die ganze Vorlage, ungedreht, mit den Farben, mit denen sie kam.</translation>
    </message>
    <message>
        <source>Seen under</source>
        <translation>Gesehen unter</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>own size</source>
        <translation>eigene Größe</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Ausrichten</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>Sheet size</source>
        <translation>Blattgröße</translation>
    </message>
    <message>
        <source>The sheet shows %1 % of the reference&apos;s width</source>
        <translation>Das Blatt zeigt %1 % der Breite der Vorlage</translation>
    </message>
    <message>
        <source>The reference is cut to the sheet&apos;s format from its middle</source>
        <translation>Die Vorlage ist aus ihrer Mitte auf das Format des Blattes geschnitten</translation>
    </message>
    <message>
        <source>it is turned by %1°</source>
        <translation>sie ist um %1° gedreht</translation>
    </message>
    <message>
        <source>its cast is taken off by the grey that you pointed at</source>
        <translation>ihr Farbstich ist nach dem Grau abgezogen, auf das Sie gezeigt haben</translation>
    </message>
    <message>
        <source>Click on something that is grey in truth: stone, a white wall in shade, a grey card.</source>
        <translation>Klicken Sie auf etwas, das in Wahrheit grau ist: Stein, eine weiße Wand im Schatten, eine Graukarte.</translation>
    </message>
    <message>
        <source>Planned to be seen under %1. Hold T to see subject and sheet under %2.</source>
        <translation>Geplant, um unter %1 gesehen zu werden. Halten Sie T, um Motiv und Blatt unter %2 zu sehen.</translation>
    </message>
    <message>
        <source>The horizon runs through the middle (%1 % down) and cuts the picture into halves: crop so that it lies on a third.</source>
        <translation>Der Horizont läuft durch die Mitte (%1 % von oben) und halbiert das Bild: Schneiden Sie so zu, dass er auf einem Drittel liegt.</translation>
    </message>
    <message>
        <source>The horizon lies %1 % down, off the middle.</source>
        <translation>Der Horizont liegt %1 % von oben, außerhalb der Mitte.</translation>
    </message>
    <message>
        <source>Also pinned up: %1. Under Areas, an area may take its colours from there.</source>
        <translation>Außerdem angeheftet: %1. Unter Flächen kann eine Fläche ihre Farben von dort nehmen.</translation>
    </message>
    <message>
        <source>A photograph of the subject: a new study begins with it.</source>
        <translation>Ein Foto des Motivs: Damit beginnt eine neue Studie.</translation>
    </message>
    <message>
        <source>The light that the picture will be seen in: colours are matched for it, each light with its spectrum.</source>
        <translation>Das Licht, in dem das Bild gesehen wird: Farben werden dafür abgestimmt, jedes Licht mit seinem Spektrum.</translation>
    </message>
    <message>
        <source>What the study is called, on the plan and in the log.</source>
        <translation>Wie die Studie heißt, auf dem Plan und im Logbuch.</translation>
    </message>
    <message>
        <source>Usual sizes of sheets; the picture is cut to the format.</source>
        <translation>Übliche Blattgrößen; das Bild wird auf das Format geschnitten.</translation>
    </message>
    <message>
        <source>How wide the picture is on the sheet, in millimetres.</source>
        <translation>Wie breit das Bild auf dem Blatt ist, in Millimetern.</translation>
    </message>
    <message>
        <source>How high the picture is on the sheet, in millimetres.</source>
        <translation>Wie hoch das Bild auf dem Blatt ist, in Millimetern.</translation>
    </message>
</context>
<context>
    <name>app::GapsLeaf</name>
    <message>
        <source>What would be worth buying</source>
        <translation>Was zu kaufen sich lohnte</translation>
    </message>
    <message>
        <source>%1, %2, number %3: brings the picture %4 nearer</source>
        <translation>%1, %2, Nummer %3: bringt das Bild um %4 näher</translation>
    </message>
    <message>
        <source>Sticks that are not at hand are being tried.</source>
        <translation>Kreiden, die nicht zur Hand sind, werden erprobt.</translation>
    </message>
    <message>
        <source>Nothing that is not at hand would bring this picture nearer.</source>
        <translation>Nichts, was nicht zur Hand ist, brächte dieses Bild näher.</translation>
    </message>
    <message>
        <source>What to buy</source>
        <translation>Was zu kaufen</translation>
    </message>
    <message>
        <source>Of all sticks in the starter materials that you do not own, and of what you have used up, those that would bring this picture nearest: each was planned with as if you had it.</source>
        <translation>Von allen Kreiden des Grundbestands, die Sie nicht besitzen, und von Aufgebrauchtem jene, die dieses Bild am nächsten brächten: Mit jeder wurde geplant, als hätten Sie sie.</translation>
    </message>
    <message>
        <source>With %1 the difference falls from %2 to %3.</source>
        <translation>Mit %1 fällt der Abstand von %2 auf %3.</translation>
    </message>
    <message>
        <source>What each gains is told for it alone: two alike do not gain twice.</source>
        <translation>Was jede bringt, gilt für sie allein: Zwei gleiche bringen nicht das Doppelte.</translation>
    </message>
</context>
<context>
    <name>app::GoalField</name>
    <message>
        <source>Goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>What is ranked first: each goal weighs colour, work, tooth and sparkle otherwise.</source>
        <translation>Was zuerst kommt: Jedes Ziel wägt Farbe, Arbeit, Zahn und Funkeln anders.</translation>
    </message>
</context>
<context>
    <name>app::GroupingsLeaf</name>
    <message>
        <source>Groupings of the values</source>
        <translation>Gruppierungen der Tonwerte</translation>
    </message>
    <message>
        <source>Take this grouping</source>
        <translation>Diese Gruppierung nehmen</translation>
    </message>
    <message>
        <source>Grouping of the values</source>
        <translation>Gruppierung der Tonwerte</translation>
    </message>
    <message>
        <source>%1: taken</source>
        <translation>%1: genommen</translation>
    </message>
    <message>
        <source>%1 % dark, %2 % medium, %3 % light</source>
        <translation>%1 % dunkel, %2 % mittel, %3 % hell</translation>
    </message>
    <message>
        <source>Four ways to group the same subject into %1 masses. Half-close your eyes: take the one that still says what the picture is about.</source>
        <translation>Vier Arten, dasselbe Motiv in %1 Massen zu gruppieren. Schließen Sie die Augen halb: Nehmen Sie die, die noch sagt, wovon das Bild handelt.</translation>
    </message>
    <message>
        <source>It reads as %1.</source>
        <translation>Es liest sich als %1.</translation>
    </message>
    <message>
        <source>Parts the masses as in the grouping that is chosen.</source>
        <translation>Trennt die Massen wie in der gewählten Gruppierung.</translation>
    </message>
</context>
<context>
    <name>app::KeptFields</name>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Rest</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Schachtel</translation>
    </message>
    <message>
        <source>Slot</source>
        <translation>Fach</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Tried on</source>
        <translation>Probiert auf</translation>
    </message>
    <message>
        <source>Photos</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>What is left</source>
        <translation>Was übrig ist</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Attach a photograph…</source>
        <translation>Foto anheften …</translation>
    </message>
    <message>
        <source>Attach…</source>
        <translation>Anheften …</translation>
    </message>
    <message>
        <source>How much of it is left; what is used up is not planned with.</source>
        <translation>Wie viel davon übrig ist; mit Aufgebrauchtem wird nicht geplant.</translation>
    </message>
    <message>
        <source>The box that it lies in.</source>
        <translation>Die Schachtel, in der es liegt.</translation>
    </message>
    <message>
        <source>Which place in the box is its own.</source>
        <translation>Welcher Platz in der Schachtel seiner ist.</translation>
    </message>
    <message>
        <source>What you noticed about it.</source>
        <translation>Was Ihnen daran auffiel.</translation>
    </message>
    <message>
        <source>Keeps a photograph of it, as of its label.</source>
        <translation>Behält ein Foto davon, etwa vom Etikett.</translation>
    </message>
</context>
<context>
    <name>app::Ladder</name>
    <message>
        <source>Value ladder</source>
        <translation>Tonwertleiter</translation>
    </message>
    <message>
        <source>Up and down choose a mark between two masses, left and right move it</source>
        <translation>Auf und Ab wählen eine Marke zwischen zwei Massen, Links und Rechts verschieben sie</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>%1, %2 %</source>
        <translation>%1, %2 %</translation>
    </message>
    <message>
        <source>Mass at value %1, %2 % of the picture</source>
        <translation>Masse bei Tonwert %1, %2 % des Bildes</translation>
    </message>
</context>
<context>
    <name>app::LayersStation</name>
    <message>
        <source>steps %1 to %2 (%3)</source>
        <translation>Schritte %1 bis %2 (%3)</translation>
    </message>
    <message>
        <source>Evenings: %1. Each ends with nothing wet and nothing half blended.</source>
        <translation>Abende: %1. Jeder endet mit nichts Nassem und nichts halb Verwischtem.</translation>
    </message>
    <message>
        <source>Step %1 at another time</source>
        <translation>Schritt %1 zu anderer Zeit</translation>
    </message>
    <message>
        <source>Only the layer of %1, which is selected, is moved.</source>
        <translation>Nur die Schicht von %1, die gewählt ist, wird verschoben.</translation>
    </message>
    <message>
        <source>It stays where it is.</source>
        <translation>Er bleibt, wo er ist.</translation>
    </message>
    <message>
        <source>It is laid between steps %1 and %2.</source>
        <translation>Er wird zwischen den Schritten %1 und %2 gelegt.</translation>
    </message>
    <message>
        <source>It is laid last.</source>
        <translation>Er wird zuletzt gelegt.</translation>
    </message>
    <message>
        <source>The bare sheet</source>
        <translation>Das leere Blatt</translation>
    </message>
    <message>
        <source>All layers laid</source>
        <translation>Alle Schichten gelegt</translation>
    </message>
    <message>
        <source>The finished sheet is %1.</source>
        <translation>Das fertige Blatt ist %1.</translation>
    </message>
    <message>
        <source>%1 of %2, in %3. With half-closed eyes the difference is %4.</source>
        <translation>%1, %2, %3. Mit halb geschlossenen Augen ist der Abstand %4.</translation>
    </message>
    <message>
        <source>Set by hand: %1.</source>
        <translation>Von Hand festgelegt: %1.</translation>
    </message>
    <message>
        <source>Move the pointer under the section, or use the arrow keys, to lay the steps down one by one: the subject then shows where each goes and how hard. Drag a step along its row to lay it at another time.</source>
        <translation>Bewegen Sie den Zeiger unter dem Schnitt, oder nehmen Sie die Pfeiltasten, um die Schritte einen nach dem anderen zu legen: Das Motiv zeigt dann, wohin jeder kommt und wie kräftig. Ziehen Sie einen Schritt seine Zeile entlang, um ihn zu anderer Zeit zu legen.</translation>
    </message>
    <message>
        <source>Click an area in a picture or in the section to read how it is made.</source>
        <translation>Klicken Sie in einem Bild oder im Schnitt auf eine Fläche, um zu lesen, wie sie entsteht.</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Schritt %1: %2</translation>
    </message>
    <message>
        <source>Everything, in a few lines.</source>
        <translation>Alles, in wenigen Linien.</translation>
    </message>
    <message>
        <source>Layer %1 of %2 there: %3.</source>
        <translation>Dort Schicht %1 von %2: %3.</translation>
    </message>
    <message>
        <source>Then wait %1.</source>
        <translation>Dann %1 warten.</translation>
    </message>
    <message>
        <source>It dries %1 of a step lighter: judge it when it is dry.</source>
        <translation>Es trocknet um %1 einer Stufe heller auf: Urteilen Sie, wenn es trocken ist.</translation>
    </message>
    <message>
        <source>It dries %1 of a step darker: judge it when it is dry.</source>
        <translation>Es trocknet um %1 einer Stufe dunkler auf: Urteilen Sie, wenn es trocken ist.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>In the hand</source>
        <translation>In der Hand</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>On the finished sheet it is %1 (%2).</source>
        <translation>Auf dem fertigen Blatt ist es %1 (%2).</translation>
    </message>
    <message>
        <source>It holds %1 % of the picture. The tooth is at most %2 % full.</source>
        <translation>Es nimmt %1 % des Bildes ein. Der Zahn ist höchstens zu %2 % gefüllt.</translation>
    </message>
    <message>
        <source>Not to be laid here: %1.</source>
        <translation>Hier nicht zu legen: %1.</translation>
    </message>
    <message>
        <source>You have chosen here. Left to the plan the picture would be: %1.</source>
        <translation>Sie haben hier gewählt. Dem Plan überlassen, wäre das Bild: %1.</translation>
    </message>
    <message>
        <source>You have chosen here. What the plan would make of it is being tried.</source>
        <translation>Sie haben hier gewählt. Was der Plan daraus machen würde, wird erprobt.</translation>
    </message>
    <message>
        <source>Under %1 parts of it are %2 farther off than under %3.</source>
        <translation>Unter %1 weichen Teile davon um %2 mehr ab als unter %3.</translation>
    </message>
    <message>
        <source>Its layers, from the paper up</source>
        <translation>Ihre Schichten, vom Papier nach oben</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>step %1, %2: %3</source>
        <translation>Schritt %1, %2: %3</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>The layers are planned as soon as the subject is read.</source>
        <translation>Die Schichten werden geplant, sobald das Motiv gelesen ist.</translation>
    </message>
    <message>
        <source>The section</source>
        <translation>Der Schnitt</translation>
    </message>
    <message>
        <source>layers from the paper up</source>
        <translation>Schichten vom Papier nach oben</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>The cut through the sheet, and its steps in time</source>
        <translation>Der Schnitt durch das Blatt und seine Schritte in der Zeit</translation>
    </message>
    <message>
        <source>Approach</source>
        <translation>Vorgehen</translation>
    </message>
    <message>
        <source>How you go about it, and what another way would change</source>
        <translation>Wie Sie vorgehen, und was ein anderer Weg ändern würde</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>Einzelheiten</translation>
    </message>
    <message>
        <source>Cut along a line</source>
        <translation>Entlang einer Linie</translation>
    </message>
    <message>
        <source>Draw a line over the subject: the section then runs along it.</source>
        <translation>Ziehen Sie eine Linie über das Motiv: Der Schnitt läuft dann an ihr entlang.</translation>
    </message>
    <message>
        <source>Cut the whole sheet</source>
        <translation>Ganzes Blatt schneiden</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>any length</source>
        <translation>beliebig lang</translation>
    </message>
    <message>
        <source>Evenings of</source>
        <translation>Abende von</translation>
    </message>
    <message>
        <source>End an evening after this step</source>
        <translation>Nach diesem Schritt einen Abend enden</translation>
    </message>
    <message>
        <source>Change its layers</source>
        <translation>Ihre Schichten ändern</translation>
    </message>
    <message>
        <source>Sets the layers of the area that is selected.</source>
        <translation>Legt die Schichten der gewählten Fläche fest.</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Leaves the layers of the area, or the time of the step, to the plan again.</source>
        <translation>Überlässt die Schichten der Fläche oder die Zeit des Schritts wieder dem Plan.</translation>
    </message>
    <message>
        <source>All that you have set by hand, each to be set back.</source>
        <translation>Alles, was Sie von Hand festgelegt haben, jedes zurückzusetzen.</translation>
    </message>
    <message>
        <source>Lay this step earlier</source>
        <translation>Diesen Schritt früher legen</translation>
    </message>
    <message>
        <source>Lay this step later</source>
        <translation>Diesen Schritt später legen</translation>
    </message>
    <message>
        <source>Evenings</source>
        <translation>Abende</translation>
    </message>
    <message>
        <source>Layers moved in time</source>
        <translation>Schichten in der Zeit verschoben</translation>
    </message>
    <message>
        <source>Time left to the approach</source>
        <translation>Zeit dem Vorgehen überlassen</translation>
    </message>
    <message>
        <source>Layers set by hand</source>
        <translation>Schichten von Hand festgelegt</translation>
    </message>
    <message>
        <source>Layers left to the plan</source>
        <translation>Schichten dem Plan überlassen</translation>
    </message>
    <message>
        <source>Stick barred from an area</source>
        <translation>Kreide aus einer Fläche verbannt</translation>
    </message>
    <message>
        <source>End of an evening</source>
        <translation>Ende eines Abends</translation>
    </message>
    <message>
        <source>All you set (%1)</source>
        <translation>Alles Festgelegte (%1)</translation>
    </message>
    <message>
        <source>Something is wet or half blended after this step.</source>
        <translation>Nach diesem Schritt ist etwas nass oder halb verwischt.</translation>
    </message>
    <message>
        <source>It is step %1 now, with as many changes of stick as before.</source>
        <translation>Es ist jetzt Schritt %1, mit ebenso vielen Kreidewechseln wie zuvor.</translation>
    </message>
    <message>
        <source>It is step %1 now. Changes of stick: %2 more.</source>
        <translation>Es ist jetzt Schritt %1. Kreidewechsel: %2 mehr.</translation>
    </message>
    <message>
        <source>It is step %1 now. Changes of stick: %2 fewer.</source>
        <translation>Es ist jetzt Schritt %1. Kreidewechsel: %2 weniger.</translation>
    </message>
    <message>
        <source>not planned yet</source>
        <translation>noch nicht geplant</translation>
    </message>
    <message>
        <source>Sheet, bare</source>
        <translation>Blatt, leer</translation>
    </message>
    <message>
        <source>Sheet after step %1 of %2</source>
        <translation>Blatt nach Schritt %1 von %2</translation>
    </message>
    <message>
        <source>at the end %1</source>
        <translation>am Ende %1</translation>
    </message>
    <message>
        <source>Where step %1 goes, and how hard</source>
        <translation>Wohin Schritt %1 kommt und wie kräftig</translation>
    </message>
    <message>
        <source>The cut through your sheet: each area from dark to light, its layers from the paper up. Drag the time below it to see each step go on, and where it goes on the subject.</source>
        <translation>Der Schnitt durch Ihr Blatt: jede Fläche von dunkel nach hell, ihre Schichten vom Papier nach oben. Ziehen Sie die Zeit darunter, um jeden Schritt liegen zu sehen, und wohin er auf dem Motiv kommt.</translation>
    </message>
    <message>
        <source>How small the marks may be: finer ones come nearer and take longer.</source>
        <translation>Wie klein die Striche sein dürfen: Feinere kommen näher und dauern länger.</translation>
    </message>
    <message>
        <source>The cut goes through all areas again, from dark to light.</source>
        <translation>Der Schnitt geht wieder durch alle Flächen, von dunkel nach hell.</translation>
    </message>
    <message>
        <source>How long you work at a stretch: the steps are cut so that nothing wet or half blended is left.</source>
        <translation>Wie lange Sie am Stück arbeiten: Die Schritte werden so geteilt, dass nichts Nasses oder halb Verwischtes bleibt.</translation>
    </message>
    <message>
        <source>You stop after the step that is shown.</source>
        <translation>Sie hören nach dem gezeigten Schritt auf.</translation>
    </message>
</context>
<context>
    <name>app::ListSheet</name>
    <message>
        <source>Take in %1</source>
        <translation>%1 aufnehmen</translation>
    </message>
    <message>
        <source>Say above each column what it tells. Nothing is changed before you take the list in.</source>
        <translation>Sagen Sie über jeder Spalte, was sie bedeutet. Nichts ändert sich, ehe Sie die Liste aufnehmen.</translation>
    </message>
    <message>
        <source>First rows</source>
        <translation>Erste Zeilen</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>New things that say no kind are</source>
        <translation>Neue Dinge, die keine Art nennen, sind</translation>
    </message>
    <message>
        <source>Its colours were</source>
        <translation>Ihre Farben wurden</translation>
    </message>
    <message>
        <source>Rows that cannot be taken</source>
        <translation>Zeilen, die nicht aufgenommen werden können</translation>
    </message>
    <message>
        <source>Reading the list</source>
        <translation>Liste lesen</translation>
    </message>
    <message>
        <source>Take in</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>The list is being read.</source>
        <translation>Die Liste wird gelesen.</translation>
    </message>
    <message>
        <source>passed over</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>Column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>No row can be taken in.</source>
        <translation>Keine Zeile kann aufgenommen werden.</translation>
    </message>
    <message numerus="yes">
        <source>%n rows can be taken in: %1 new, %2 that change what is in the drawer.</source>
        <translation>
            <numerusform>%n Zeile kann aufgenommen werden: %1 neu, %2, die Vorhandenes ändern.</numerusform>
            <numerusform>%n Zeilen können aufgenommen werden: %1 neu, %2, die Vorhandenes ändern.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>These %n cannot:</source>
        <translation>
            <numerusform>Diese %n kann es nicht:</numerusform>
            <numerusform>Diese %n können es nicht:</numerusform>
        </translation>
    </message>
    <message>
        <source>This list</source>
        <translation>Diese Liste</translation>
    </message>
    <message numerus="yes">
        <source>… and %n more.</source>
        <translation>
            <numerusform>… und %n weitere.</numerusform>
            <numerusform>… und %n weitere.</numerusform>
        </translation>
    </message>
    <message>
        <source>Take in the %1 good rows</source>
        <translation>Die %1 guten Zeilen aufnehmen</translation>
    </message>
    <message>
        <source>The list could not be written: see what the window says.</source>
        <translation>Die Liste konnte nicht geschrieben werden: siehe, was das Fenster sagt.</translation>
    </message>
</context>
<context>
    <name>app::LogStation</name>
    <message>
        <source>The log</source>
        <translation>Das Logbuch</translation>
    </message>
    <message>
        <source>what was done, as it was kept</source>
        <translation>was getan wurde, wie es festgehalten ist</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>Evenings, steps, notes; a search over all logs</source>
        <translation>Abende, Schritte, Notizen; eine Suche über alle Logbücher</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortgang</translation>
    </message>
    <message>
        <source>Photographs over the sheet as planned for the same moment</source>
        <translation>Fotos über dem Blatt, wie es für denselben Augenblick geplant war</translation>
    </message>
    <message>
        <source>Finishing</source>
        <translation>Abschluss</translation>
    </message>
    <message>
        <source>What is left to do when all is laid</source>
        <translation>Was zu tun bleibt, wenn alles gelegt ist</translation>
    </message>
    <message>
        <source>Card for the back…</source>
        <translation>Karte für die Rückseite …</translation>
    </message>
    <message>
        <source>What was used and how long it took, as PDF or CSV.</source>
        <translation>Was gebraucht wurde und wie lange es dauerte, als PDF oder CSV.</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Planned against real minutes, and what is learnt from it</source>
        <translation>Geplante gegen wirkliche Minuten, und was daraus gelernt wird</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Vorrat</translation>
    </message>
    <message>
        <source>What the sticks have probably lost</source>
        <translation>Was die Kreiden vermutlich verloren haben</translation>
    </message>
    <message>
        <source>Card for the picture&apos;s back</source>
        <translation>Karte für die Rückseite des Bildes</translation>
    </message>
    <message>
        <source>Card (*.pdf);;A row an entry (*.csv)</source>
        <translation>Karte (*.pdf);;Je Eintrag eine Zeile (*.csv)</translation>
    </message>
    <message>
        <source>Where did I use … ?</source>
        <translation>Wo habe ich … gebraucht?</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>In all logs</source>
        <translation>In allen Logbüchern</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>%1: %2 at the easel for %3, planned %4</source>
        <translation>%1: %2 an der Staffelei für %3, geplant %4</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Nothing has been done yet: the Bench keeps what you do.</source>
        <translation>Noch ist nichts getan: Die Staffelei hält fest, was Sie tun.</translation>
    </message>
    <message>
        <source>Nothing is found of that.</source>
        <translation>Davon ist nichts zu finden.</translation>
    </message>
    <message>
        <source>%1, step %2</source>
        <translation>%1, Schritt %2</translation>
    </message>
    <message>
        <source>The card is written as .pdf or .csv: give the file one of these endings.</source>
        <translation>Die Karte wird als .pdf oder .csv geschrieben: Geben Sie der Datei eine dieser Endungen.</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Everything that was done at the easel stands here in its order, with your notes and photographs. Search for a stick, an area or a word, in this log or in all; the card for the picture&apos;s back tells what was used and how long it took.</source>
        <translation>Alles, was an der Staffelei getan wurde, steht hier der Reihe nach, mit Ihren Notizen und Fotos. Suchen Sie nach einer Kreide, einer Fläche oder einem Wort, in diesem Logbuch oder in allen; die Karte für die Rückseite sagt, was gebraucht wurde und wie lange es dauerte.</translation>
    </message>
    <message>
        <source>This was taken back.</source>
        <translation>Das wurde zurückgenommen.</translation>
    </message>
    <message>
        <source>%1 were planned for it.</source>
        <translation>%1 waren dafür geplant.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Was gebraucht wurde</translation>
    </message>
    <message>
        <source>Nothing is laid yet.</source>
        <translation>Noch ist nichts gelegt.</translation>
    </message>
    <message>
        <source>Sheet as planned after step %1</source>
        <translation>Blatt, wie nach Schritt %1 geplant</translation>
    </message>
    <message>
        <source>Photographed after step %1</source>
        <translation>Fotografiert nach Schritt %1</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>A stick, an area or any word of a note.</source>
        <translation>Eine Kreide, eine Fläche oder ein Wort aus einer Notiz.</translation>
    </message>
    <message>
        <source>Searches the logs of all studies.</source>
        <translation>Sucht in den Logbüchern aller Studien.</translation>
    </message>
</context>
<context>
    <name>app::MainWindow</name>
    <message>
        <source>Yawning Dune</source>
        <translation>Yawning Dune</translation>
    </message>
    <message>
        <source>Planning anew</source>
        <translation>Es wird neu geplant</translation>
    </message>
    <message>
        <source>Planning stopped</source>
        <translation>Planung angehalten</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>What is done at the easel is kept in the study&apos;s file: save the study first.</source>
        <translation>Was an der Staffelei getan wird, steht in der Datei der Studie: Sichern Sie zuerst die Studie.</translation>
    </message>
    <message>
        <source>This is not kept yet, so nothing has moved on. %1</source>
        <translation>Das ist noch nicht festgehalten, also ging nichts weiter. %1</translation>
    </message>
    <message>
        <source>What you choose cannot be kept for the case of a crash; save the study elsewhere. %1</source>
        <translation>Was Sie wählen, kann für den Fall eines Absturzes nicht festgehalten werden; sichern Sie die Studie anderswo. %1</translation>
    </message>
    <message>
        <source>Planning</source>
        <translation>Es wird geplant</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>&amp;Study</source>
        <translation>&amp;Studie</translation>
    </message>
    <message>
        <source>New from picture…</source>
        <translation>Neu aus Bild …</translation>
    </message>
    <message>
        <source>Pin up another reference…</source>
        <translation>Weitere Vorlage anheften …</translation>
    </message>
    <message>
        <source>Open study…</source>
        <translation>Studie öffnen …</translation>
    </message>
    <message>
        <source>Open the demo study &quot;Kettle&quot;</source>
        <translation>Beispielstudie „Kessel“ öffnen</translation>
    </message>
    <message>
        <source>Open the demo study &quot;Tea hills&quot;</source>
        <translation>Beispielstudie „Teehügel“ öffnen</translation>
    </message>
    <message>
        <source>Open the demo evening at the easel</source>
        <translation>Beispielabend an der Staffelei öffnen</translation>
    </message>
    <message>
        <source>Begin another sheet of this study</source>
        <translation>Ein weiteres Blatt dieser Studie beginnen</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Sichern als …</translation>
    </message>
    <message>
        <source>Write the plan for the easel…</source>
        <translation>Den Plan für die Staffelei schreiben …</translation>
    </message>
    <message>
        <source>Export construction drawing (SVG, PDF)…</source>
        <translation>Konstruktionszeichnung exportieren (SVG, PDF) …</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Stop reading or planning</source>
        <translation>Lesen oder Planen anhalten</translation>
    </message>
    <message>
        <source>I work with the left hand</source>
        <translation>Ich arbeite mit der linken Hand</translation>
    </message>
    <message>
        <source>The hand that works</source>
        <translation>Die arbeitende Hand</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Squint (hold Q)</source>
        <translation>Augen zusammenkneifen (Q halten)</translation>
    </message>
    <message>
        <source>Values only (hold W)</source>
        <translation>Nur Tonwerte (W halten)</translation>
    </message>
    <message>
        <source>Mirror (hold E)</source>
        <translation>Spiegeln (E halten)</translation>
    </message>
    <message>
        <source>Upside down (hold D)</source>
        <translation>Auf den Kopf stellen (D halten)</translation>
    </message>
    <message>
        <source>What the sheet is compared with, in its place (hold A)</source>
        <translation>Womit das Blatt verglichen wird, an seiner Stelle (A halten)</translation>
    </message>
    <message>
        <source>Grid (R)</source>
        <translation>Raster (R)</translation>
    </message>
    <message>
        <source>Under lamp light, or daylight again (hold T)</source>
        <translation>Unter Lampenlicht oder wieder Tageslicht (T halten)</translation>
    </message>
    <message>
        <source>Nearer</source>
        <translation>Näher</translation>
    </message>
    <message>
        <source>Further</source>
        <translation>Weiter weg</translation>
    </message>
    <message>
        <source>The sheet from 2 cm</source>
        <translation>Das Blatt aus 2 cm</translation>
    </message>
    <message>
        <source>The sheet from 20 cm</source>
        <translation>Das Blatt aus 20 cm</translation>
    </message>
    <message>
        <source>The sheet from 2 m</source>
        <translation>Das Blatt aus 2 m</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Ganzes Bild</translation>
    </message>
    <message>
        <source>Mid grey frame</source>
        <translation>Rahmen mittelgrau</translation>
    </message>
    <message>
        <source>Evening frame</source>
        <translation>Rahmen für den Abend</translation>
    </message>
    <message>
        <source>Words and controls larger</source>
        <translation>Wörter und Bedienung größer</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Words and controls have %1 % of their usual size from the next start on.</source>
        <translation>Wörter und Bedienung haben vom nächsten Start an %1 % ihrer üblichen Größe.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Yawning Dune speaks this language from its next start on.</source>
        <translation>Yawning Dune spricht diese Sprache vom nächsten Start an.</translation>
    </message>
    <message>
        <source>&amp;Route</source>
        <translation>&amp;Weg</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Trial sheet, with what is in hand</source>
        <translation>Probeblatt, mit dem, was dran ist</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>Working safely</source>
        <translation>Sicher arbeiten</translation>
    </message>
    <message>
        <source>Notes of a first study again</source>
        <translation>Hinweise der ersten Studie wieder zeigen</translation>
    </message>
    <message>
        <source>About Yawning Dune</source>
        <translation>Über Yawning Dune</translation>
    </message>
    <message>
        <source>Yawning Dune %1 plans soft-pastel pictures: paper, sticks, underpainting and the order of layers.
Free software under the GNU GPL, version 3 or later.</source>
        <translation>Yawning Dune %1 plant Bilder in Softpastell: Papier, Kreiden, Untermalung und die Reihenfolge der Schichten.
Freie Software unter der GNU GPL, Version 3 oder neuer.</translation>
    </message>
    <message>
        <source>no plan yet</source>
        <translation>noch kein Plan</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>New study</source>
        <translation>Neue Studie</translation>
    </message>
    <message>
        <source>%1[*] · Yawning Dune</source>
        <translation>%1[*] · Yawning Dune</translation>
    </message>
    <message>
        <source>%1, both under %2</source>
        <translation>%1, beide unter %2</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Your materials cannot be read</source>
        <translation>Ihr Material kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>%1 Plan this picture with the starter materials meanwhile?</source>
        <translation>%1 Dieses Bild inzwischen mit dem Grundbestand planen?</translation>
    </message>
    <message>
        <source>The plan is not ready yet: wait until it is made, then export it.</source>
        <translation>Der Plan ist noch nicht fertig: Warten Sie, bis er gemacht ist, und exportieren Sie ihn dann.</translation>
    </message>
    <message>
        <source>There is nothing to construct yet: open a picture first.</source>
        <translation>Es gibt noch nichts zu konstruieren: Öffnen Sie zuerst ein Bild.</translation>
    </message>
    <message>
        <source>A construction drawing is exported as .svg or .pdf: give the file one of these endings.</source>
        <translation>Eine Konstruktionszeichnung wird als .svg oder .pdf exportiert: Geben Sie der Datei eine dieser Endungen.</translation>
    </message>
    <message>
        <source>Unsaved choices</source>
        <translation>Nicht gesicherte Entscheidungen</translation>
    </message>
    <message>
        <source>This study has choices that are not saved.</source>
        <translation>Diese Studie hat Entscheidungen, die nicht gesichert sind.</translation>
    </message>
    <message>
        <source>Open picture</source>
        <translation>Bild öffnen</translation>
    </message>
    <message>
        <source>Open study</source>
        <translation>Studie öffnen</translation>
    </message>
    <message>
        <source>Studies (*.dune)</source>
        <translation>Studien (*.dune)</translation>
    </message>
    <message>
        <source>Save study</source>
        <translation>Studie sichern</translation>
    </message>
    <message>
        <source>Pin up another reference</source>
        <translation>Weitere Vorlage anheften</translation>
    </message>
    <message>
        <source>Export the construction drawing</source>
        <translation>Konstruktionszeichnung exportieren</translation>
    </message>
    <message>
        <source>Real size (*.svg);;A4 pages to join (*.pdf)</source>
        <translation>Wahre Größe (*.svg);;A4-Seiten zum Aneinanderfügen (*.pdf)</translation>
    </message>
    <message>
        <source>Manual, at this page</source>
        <translation>Handbuch, an dieser Stelle</translation>
    </message>
    <message>
        <source>All keys</source>
        <translation>Alle Tasten</translation>
    </message>
    <message>
        <source>Stops what is being made, or goes on with it; nothing is lost.</source>
        <translation>Hält an, was gerade entsteht, oder macht damit weiter; nichts geht verloren.</translation>
    </message>
    <message>
        <source>Study</source>
        <translation>Studie</translation>
    </message>
    <message>
        <source>Waiting for what is still under way on this study</source>
        <translation>Wartet auf das, was an dieser Studie noch im Gang ist</translation>
    </message>
    <message>
        <source>Stay with this study</source>
        <translation>Bei dieser Studie bleiben</translation>
    </message>
</context>
<context>
    <name>app::ManualWindow</name>
    <message>
        <source>Index</source>
        <translation>Stichwörter</translation>
    </message>
    <message>
        <source>Manual · Yawning Dune</source>
        <translation>Handbuch · Yawning Dune</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>All keys</source>
        <translation>Alle Tasten</translation>
    </message>
    <message>
        <source>Nothing in the manual is like that.</source>
        <translation>Nichts im Handbuch ist so.</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Taste</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Was sie tut</translation>
    </message>
    <message>
        <source>Held keys</source>
        <translation>Gehaltene Tasten</translation>
    </message>
    <message>
        <source>Hold Q to squint, W for values only, E to mirror, D for upside down, A for what the sheet is compared with, T for lamp light. R draws a grid and takes it away. These stand under Look too.</source>
        <translation>Q halten, um die Augen zusammenzukneifen, W für nur Tonwerte, E zum Spiegeln, D zum Umdrehen, A für das, womit das Blatt verglichen wird, T für Lampenlicht. R zeichnet ein Raster und nimmt es weg. Das alles steht auch unter Ansicht.</translation>
    </message>
    <message>
        <source>Lists the pages that have these words.</source>
        <translation>Führt die Seiten auf, die diese Wörter haben.</translation>
    </message>
</context>
<context>
    <name>app::Margin</name>
    <message>
        <source>Margin</source>
        <translation>Randspalte</translation>
    </message>
    <message>
        <source>Understood</source>
        <translation>Verstanden</translation>
    </message>
    <message>
        <source>Take note</source>
        <translation>Zu beachten</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Mind</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>Takes this note away; Help brings all notes back.</source>
        <translation>Nimmt diesen Hinweis weg; Hilfe holt alle zurück.</translation>
    </message>
</context>
<context>
    <name>app::Materials</name>
    <message>
        <source>Tools</source>
        <translation>Werkzeuge</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papiere</translation>
    </message>
    <message>
        <source>Greys, black, white</source>
        <translation>Grau, Schwarz, Weiß</translation>
    </message>
    <message>
        <source>In no box</source>
        <translation>In keiner Schachtel</translation>
    </message>
    <message>
        <source>Likely the same: %1</source>
        <translation>Wohl dasselbe: %1</translation>
    </message>
    <message>
        <source>Nearest first</source>
        <translation>Nächste zuerst</translation>
    </message>
</context>
<context>
    <name>app::MaterialsWindow</name>
    <message>
        <source>&amp;Drawer</source>
        <translation>&amp;Schublade</translation>
    </message>
    <message>
        <source>Put something new into it…</source>
        <translation>Etwas Neues hineinlegen …</translation>
    </message>
    <message>
        <source>Change what it is…</source>
        <translation>Ändern, was es ist …</translation>
    </message>
    <message>
        <source>Attach a photograph…</source>
        <translation>Foto anheften …</translation>
    </message>
    <message>
        <source>Attach a photograph</source>
        <translation>Foto anheften</translation>
    </message>
    <message>
        <source>Try on the trial sheet</source>
        <translation>Auf dem Probeblatt ausprobieren</translation>
    </message>
    <message>
        <source>Take in a list…</source>
        <translation>Liste aufnehmen …</translation>
    </message>
    <message>
        <source>Take in a list</source>
        <translation>Liste aufnehmen</translation>
    </message>
    <message>
        <source>Lists, palettes, readings, drawers (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)</source>
        <translation>Listen, Paletten, Messungen, Schubladen (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportieren …</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>List of what is shown (*.csv);;Its colours as a palette (*.gpl);;Its colours as readings, CGATS (*.txt);;The whole drawer (*.json)</source>
        <translation>Liste des Gezeigten (*.csv);;Seine Farben als Palette (*.gpl);;Seine Farben als Messungen, CGATS (*.txt);;Die ganze Schublade (*.json)</translation>
    </message>
    <message>
        <source>Print swatch cards for what is shown, A4…</source>
        <translation>Farbkarten für das Gezeigte drucken, A4 …</translation>
    </message>
    <message>
        <source>Print swatch cards for what is shown, Letter…</source>
        <translation>Farbkarten für das Gezeigte drucken, Letter …</translation>
    </message>
    <message>
        <source>Print swatch cards</source>
        <translation>Farbkarten drucken</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Karten (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled card…</source>
        <translation>Ausgefüllte Karte lesen …</translation>
    </message>
    <message>
        <source>Read a filled card</source>
        <translation>Ausgefüllte Karte lesen</translation>
    </message>
    <message>
        <source>Colour reader…</source>
        <translation>Farbmessgerät …</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Select all that is shown</source>
        <translation>Alles Gezeigte wählen</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>Find a colour out of a photograph…</source>
        <translation>Farbe aus einem Foto finden …</translation>
    </message>
    <message>
        <source>Find a colour</source>
        <translation>Farbe finden</translation>
    </message>
    <message>
        <source>Show what is likely there twice</source>
        <translation>Zeigen, was wohl doppelt ist</translation>
    </message>
    <message>
        <source>Make one of what is chosen</source>
        <translation>Das Gewählte zu einem machen</translation>
    </message>
    <message>
        <source>Take out of the drawer</source>
        <translation>Aus der Schublade nehmen</translation>
    </message>
    <message>
        <source>&amp;Tray</source>
        <translation>&amp;Kasten</translation>
    </message>
    <message>
        <source>Put what is chosen into a tray…</source>
        <translation>Das Gewählte in einen Kasten legen …</translation>
    </message>
    <message>
        <source>Take what is chosen out of this tray</source>
        <translation>Das Gewählte aus diesem Kasten nehmen</translation>
    </message>
    <message>
        <source>Call this tray otherwise…</source>
        <translation>Diesen Kasten anders nennen …</translation>
    </message>
    <message>
        <source>Give this tray up</source>
        <translation>Diesen Kasten aufgeben</translation>
    </message>
    <message>
        <source>Into a tray</source>
        <translation>In einen Kasten</translation>
    </message>
    <message>
        <source>A tray that is there, or a new name:</source>
        <translation>Ein vorhandener Kasten oder ein neuer Name:</translation>
    </message>
    <message>
        <source>Into the tray %1</source>
        <translation>In den Kasten %1</translation>
    </message>
    <message>
        <source>Show a tray first: what is chosen is then taken out of it.</source>
        <translation>Zeigen Sie zuerst einen Kasten: Das Gewählte wird dann herausgenommen.</translation>
    </message>
    <message>
        <source>Out of the tray %1</source>
        <translation>Aus dem Kasten %1</translation>
    </message>
    <message>
        <source>Show a tray first: it can then be called otherwise.</source>
        <translation>Zeigen Sie zuerst einen Kasten: Er kann dann anders genannt werden.</translation>
    </message>
    <message>
        <source>Tray</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>Its new name:</source>
        <translation>Sein neuer Name:</translation>
    </message>
    <message>
        <source>There is a tray called %1 already: take another name.</source>
        <translation>Einen Kasten namens %1 gibt es schon: Nehmen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>Call the tray %1</source>
        <translation>Kasten %1 nennen</translation>
    </message>
    <message>
        <source>Show a tray first: it can then be given up. Its things stay.</source>
        <translation>Zeigen Sie zuerst einen Kasten: Er kann dann aufgegeben werden. Seine Dinge bleiben.</translation>
    </message>
    <message>
        <source>Give up the tray %1</source>
        <translation>Kasten %1 aufgeben</translation>
    </message>
    <message>
        <source>Choose two or more that are one and the same, all sticks or paints, all papers or all tools.</source>
        <translation>Wählen Sie zwei oder mehr, die ein und dasselbe sind, alles Kreiden oder Farben, alles Papiere oder alles Werkzeuge.</translation>
    </message>
    <message>
        <source>Make one of %1</source>
        <translation>Zu einem machen: %1</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Farbe aufnehmen</translation>
    </message>
    <message>
        <source>Choose sticks and paints, papers or tools alone: they are told in other words.</source>
        <translation>Wählen Sie nur Kreiden und Farben, nur Papiere oder nur Werkzeuge: Sie werden mit anderen Worten beschrieben.</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message numerus="yes">
        <source>Change %n things</source>
        <translation>
            <numerusform>%n Ding ändern</numerusform>
            <numerusform>%n Dinge ändern</numerusform>
        </translation>
    </message>
    <message>
        <source>Put in %1</source>
        <translation>%1 hineinlegen</translation>
    </message>
    <message>
        <source>Pick its colour</source>
        <translation>Seine Farbe aufnehmen</translation>
    </message>
    <message>
        <source>Detach a photograph</source>
        <translation>Foto ablösen</translation>
    </message>
    <message>
        <source>What was taken in before is still being written: wait until it is shown.</source>
        <translation>Was vorhin aufgenommen wurde, wird noch geschrieben: Warten Sie, bis es zu sehen ist.</translation>
    </message>
    <message>
        <source>List taken in</source>
        <translation>Liste aufgenommen</translation>
    </message>
    <message numerus="yes">
        <source>%n things were taken in; undoing gives back what was before.</source>
        <translation>
            <numerusform>%n Ding wurde aufgenommen; Rückgängig stellt das Vorige wieder her.</numerusform>
            <numerusform>%n Dinge wurden aufgenommen; Rückgängig stellt das Vorige wieder her.</numerusform>
        </translation>
    </message>
    <message>
        <source>Taking in a drawer</source>
        <translation>Schublade wird aufgenommen</translation>
    </message>
    <message>
        <source>The file is being read.</source>
        <translation>Die Datei wird gelesen.</translation>
    </message>
    <message>
        <source>Take in %1</source>
        <translation>%1 aufnehmen</translation>
    </message>
    <message>
        <source>Drawer taken in</source>
        <translation>Schublade aufgenommen</translation>
    </message>
    <message>
        <source>%1 and %2 were taken in; undoing gives back what was before.</source>
        <translation>%1 und %2 wurden aufgenommen; Rückgängig stellt das Vorige wieder her.</translation>
    </message>
    <message>
        <source>A drawer is exported as .csv, .gpl, .txt or .json: give the file one of these endings.</source>
        <translation>Eine Schublade wird als .csv, .gpl, .txt oder .json exportiert: Geben Sie der Datei eine dieser Endungen.</translation>
    </message>
    <message>
        <source>Nothing that is shown has a colour: show some sticks, then print cards for them.</source>
        <translation>Nichts von dem Gezeigten hat eine Farbe: Zeigen Sie Kreiden und drucken Sie dann Karten für sie.</translation>
    </message>
    <message>
        <source>Cards can be printed for %1 things at once: show fewer.</source>
        <translation>Karten können für %1 Dinge auf einmal gedruckt werden: Zeigen Sie weniger.</translation>
    </message>
    <message>
        <source>Card read</source>
        <translation>Karte gelesen</translation>
    </message>
    <message>
        <source>Materials · Yawning Dune</source>
        <translation>Material · Yawning Dune</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>hue and value</source>
        <translation>Farbton und Tonwert</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>box</source>
        <translation>Schachtel</translation>
    </message>
    <message>
        <source>by</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>Lay out by</source>
        <translation>Auslegen nach</translation>
    </message>
    <message>
        <source>words, or a colour: #rrggbb</source>
        <translation>Wörter oder eine Farbe: #rrggbb</translation>
    </message>
    <message>
        <source>Runs low</source>
        <translation>Geht zur Neige</translation>
    </message>
    <message>
        <source>Nearest to this</source>
        <translation>Nächste hierzu</translation>
    </message>
    <message>
        <source>Tried on</source>
        <translation>Probiert auf</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>die ganze Schublade</translation>
    </message>
    <message>
        <source>tray: %1</source>
        <translation>Kasten: %1</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Material</translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in this tray. The Sticks station lets a study draw from it alone.</source>
        <translation>
            <numerusform>%n Ding liegt in diesem Kasten. An der Station Kreiden kann eine Studie aus ihm allein schöpfen.</numerusform>
            <numerusform>%n Dinge liegen in diesem Kasten. An der Station Kreiden kann eine Studie aus ihm allein schöpfen.</numerusform>
        </translation>
    </message>
    <message>
        <source>New studies draw from all that is not used up.</source>
        <translation>Neue Studien schöpfen aus allem, was nicht aufgebraucht ist.</translation>
    </message>
    <message>
        <source>Mixtures of your own, to be laid on the trial sheet (Y): %1.</source>
        <translation>Eigene Mischungen, auf dem Probeblatt zu legen (Y): %1.</translation>
    </message>
    <message>
        <source>It lies in: %1.</source>
        <translation>Es liegt in: %1.</translation>
    </message>
    <message>
        <source>It is in your own: %1.</source>
        <translation>Es steckt in Ihrem eigenen: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n things chosen</source>
        <translation>
            <numerusform>%n Ding gewählt</numerusform>
            <numerusform>%n Dinge gewählt</numerusform>
        </translation>
    </message>
    <message>
        <source>What you say below goes for all of them.</source>
        <translation>Was Sie unten sagen, gilt für alle.</translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in the drawer. Choose some to read what is known of them and to say what is left, where they lie and what you noticed.</source>
        <translation>
            <numerusform>%n Ding liegt in der Schublade. Wählen Sie es, um zu lesen, was darüber bekannt ist, und um zu sagen, was übrig ist, wo es liegt und was Ihnen auffiel.</numerusform>
            <numerusform>%n Dinge liegen in der Schublade. Wählen Sie welche, um zu lesen, was über sie bekannt ist, und um zu sagen, was übrig ist, wo sie liegen und was Ihnen auffiel.</numerusform>
        </translation>
    </message>
    <message>
        <source>All that you have, or one tray of it.</source>
        <translation>Alles, was Sie haben, oder ein Kasten davon.</translation>
    </message>
    <message>
        <source>By what things lie together.</source>
        <translation>Wonach Dinge zusammenliegen.</translation>
    </message>
    <message>
        <source>Words that a thing has, or a colour as #rrggbb: what comes nearest is first.</source>
        <translation>Wörter, die ein Ding hat, oder eine Farbe als #rrggbb: Das Nächste kommt zuerst.</translation>
    </message>
    <message>
        <source>Shows only what is a stub or used up.</source>
        <translation>Zeigt nur, was ein Stummel oder aufgebraucht ist.</translation>
    </message>
    <message>
        <source>Lays out everything by how near its colour is to the chosen one, in CIEDE2000.</source>
        <translation>Legt alles danach aus, wie nah seine Farbe der gewählten ist, in CIEDE2000.</translation>
    </message>
    <message>
        <source>The paper on which what is told of colours and substitutes is tried.</source>
        <translation>Das Papier, auf dem erprobt wird, was über Farben und Ersatz gesagt ist.</translation>
    </message>
</context>
<context>
    <name>app::MeasureLeaf</name>
    <message>
        <source>Draw a line on the subject: its length on the
sheet, its slope and how often the unit goes
into it stand here.</source>
        <translation>Ziehen Sie eine Linie auf dem Motiv: Ihre Länge
auf dem Blatt, ihre Neigung und wie oft die
Einheit hineingeht, stehen dann hier.</translation>
    </message>
    <message>
        <source>millimetres on the sheet</source>
        <translation>Millimeter auf dem Blatt</translation>
    </message>
    <message>
        <source>%1° from level</source>
        <translation>%1° zur Waagrechten</translation>
    </message>
    <message>
        <source>%1° from plumb</source>
        <translation>%1° zum Lot</translation>
    </message>
    <message>
        <source>Measuring strip</source>
        <translation>Messstreifen</translation>
    </message>
    <message>
        <source>Kept lengths</source>
        <translation>Behaltene Längen</translation>
    </message>
    <message>
        <source>Keep the length</source>
        <translation>Länge behalten</translation>
    </message>
    <message>
        <source>It is listed, told in the unit, and stands in the construction drawing.</source>
        <translation>Sie wird aufgeführt, in der Einheit angegeben und steht in der Konstruktionszeichnung.</translation>
    </message>
    <message>
        <source>As the unit</source>
        <translation>Als Einheit</translation>
    </message>
    <message>
        <source>Other lengths are told in this one.</source>
        <translation>Andere Längen werden in dieser angegeben.</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Loslassen</translation>
    </message>
    <message>
        <source>The kept length that is chosen in the list.</source>
        <translation>Die behaltene Länge, die in der Liste gewählt ist.</translation>
    </message>
    <message>
        <source>Lines catch borders</source>
        <translation>Linien rasten an Grenzen ein</translation>
    </message>
    <message>
        <source>Ends move to the hardest border within a few pixels; a line along a border is laid on it.</source>
        <translation>Enden rücken zur härtesten Grenze in wenigen Pixeln Umkreis; eine Linie an einer Grenze wird auf sie gelegt.</translation>
    </message>
    <message>
        <source>thirds</source>
        <translation>Drittel</translation>
    </message>
    <message>
        <source>every %1 mm</source>
        <translation>alle %1 mm</translation>
    </message>
    <message>
        <source>Grid (R)</source>
        <translation>Raster (R)</translation>
    </message>
    <message>
        <source>Construction drawing on the sheet</source>
        <translation>Konstruktionszeichnung auf dem Blatt</translation>
    </message>
    <message>
        <source>up to mark</source>
        <translation>bis Marke</translation>
    </message>
    <message>
        <source>Export it at real size…</source>
        <translation>In wahrer Größe exportieren …</translation>
    </message>
    <message>
        <source>SVG, or PDF on A4 pages with crosses to join them by.</source>
        <translation>SVG, oder PDF auf A4-Seiten mit Kreuzen zum Aneinanderfügen.</translation>
    </message>
    <message>
        <source>Unit of length</source>
        <translation>Längeneinheit</translation>
    </message>
    <message>
        <source>Keep a length</source>
        <translation>Länge behalten</translation>
    </message>
    <message>
        <source>Let a length go</source>
        <translation>Länge loslassen</translation>
    </message>
    <message>
        <source>%1: the unit</source>
        <translation>%1: die Einheit</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Sheet, constructed up to mark %1 of %2</source>
        <translation>Blatt, konstruiert bis Marke %1 von %2</translation>
    </message>
    <message>
        <source>%1 is %2 wide and %3 high: it reaches from %4 to %5 mm across and from %6 to %7 mm down.</source>
        <translation>%1 ist %2 breit und %3 hoch: reicht quer von %4 bis %5 mm und senkrecht von %6 bis %7 mm.</translation>
    </message>
    <message>
        <source>Plumb with the place that you clicked: %1.</source>
        <translation>Im Lot mit der angeklickten Stelle: %1.</translation>
    </message>
    <message>
        <source>Level with it: %1.</source>
        <translation>Auf gleicher Höhe: %1.</translation>
    </message>
    <message>
        <source>The line is %1 mm long on the sheet, %2° from level and %3° from plumb.</source>
        <translation>Die Linie ist auf dem Blatt %1 mm lang, %2° zur Waagrechten und %3° zum Lot.</translation>
    </message>
    <message>
        <source>That is %1 of your units.</source>
        <translation>Das sind %1 Ihrer Einheiten.</translation>
    </message>
    <message>
        <source>Click on a shape: its extents, and what stands plumb or level with the place, are told here.</source>
        <translation>Klicken Sie auf eine Form: Ihre Ausdehnung und was mit der Stelle im Lot oder auf gleicher Höhe steht, ist hier zu lesen.</translation>
    </message>
    <message>
        <source>Drawn in this order: the format with its middle and thirds, all heights from %1, the tallest, on, all widths, the outlines, the lengths that you kept.</source>
        <translation>In dieser Reihenfolge gezeichnet: das Format mit Mitte und Dritteln, alle Höhen von %1 an, dem höchsten, alle Breiten, die Umrisse, die behaltenen Längen.</translation>
    </message>
    <message>
        <source>Outlines are full where an edge is hard, dashed where it is soft, dotted where it is lost.</source>
        <translation>Umrisse sind durchgezogen, wo eine Kante hart ist, gestrichelt, wo sie weich, gepunktet, wo sie verloren ist.</translation>
    </message>
    <message>
        <source>Take one length as the unit, and the others are told in it.</source>
        <translation>Nehmen Sie eine Länge als Einheit, und die anderen werden in ihr angegeben.</translation>
    </message>
    <message>
        <source>What the grid divides the picture into.</source>
        <translation>Worin das Raster das Bild teilt.</translation>
    </message>
    <message>
        <source>Shows on the sheet what to draw, in its order: format, heights, widths, outlines, kept lengths.</source>
        <translation>Zeigt auf dem Blatt, was zu zeichnen ist, der Reihe nach: Format, Höhen, Breiten, Umrisse, behaltene Längen.</translation>
    </message>
    <message>
        <source>Up to which line of the construction drawing is shown.</source>
        <translation>Bis zu welcher Linie die Konstruktionszeichnung gezeigt wird.</translation>
    </message>
</context>
<context>
    <name>app::MendAnswers</name>
    <message>
        <source>Choose an area to answer for it.</source>
        <translation>Wählen Sie eine Fläche, um für sie zu antworten.</translation>
    </message>
    <message>
        <source>What would mend it is being tried.</source>
        <translation>Was sie bessern würde, wird erprobt.</translation>
    </message>
    <message>
        <source>Let it be</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>%1:</source>
        <translation>%1:</translation>
    </message>
</context>
<context>
    <name>app::MixSheet</name>
    <message>
        <source>What it looks like</source>
        <translation>Wie es aussieht</translation>
    </message>
    <message>
        <source>Mixed by hand under %1</source>
        <translation>Von Hand gemischt unter %1</translation>
    </message>
    <message>
        <source>Up to three paints in parts are one wash; sticks are laid one after the other and rubbed in.</source>
        <translation>Bis zu drei Farben in Teilen sind eine Lavierung; Kreiden werden nacheinander gelegt und eingerieben.</translation>
    </message>
    <message>
        <source>Medium %1</source>
        <translation>Malmittel %1</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>thin, or light pressure</source>
        <translation>dünn, oder leichter Druck</translation>
    </message>
    <message>
        <source>middling</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>strong, or heavy pressure</source>
        <translation>stark, oder kräftiger Druck</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Gelegt</translation>
    </message>
    <message>
        <source>Lay this mixture</source>
        <translation>Diese Mischung legen</translation>
    </message>
    <message>
        <source>Leave it to the plan</source>
        <translation>Dem Plan überlassen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Paint and sticks do not go into one mixture: what differs from the first is left out.</source>
        <translation>Farbe und Kreiden gehen nicht in eine Mischung: Was anders ist als das Erste, bleibt weg.</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>bloßes Papier</translation>
    </message>
    <message>
        <source>wet</source>
        <translation>nass</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>most of the area</source>
        <translation>größter Teil der Fläche</translation>
    </message>
    <message>
        <source>Laid, against most of the area: %1.</source>
        <translation>Gelegt, gegen den größten Teil der Fläche: %1.</translation>
    </message>
</context>
<context>
    <name>app::NoteSheet</name>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>In your own words</source>
        <translation>In eigenen Worten</translation>
    </message>
    <message>
        <source>Keep the note</source>
        <translation>Notiz behalten</translation>
    </message>
    <message>
        <source>No note</source>
        <translation>Keine Notiz</translation>
    </message>
    <message>
        <source>Choose a word, or write what you want to remember.</source>
        <translation>Wählen Sie ein Wort, oder schreiben Sie, was Sie behalten wollen.</translation>
    </message>
</context>
<context>
    <name>app::OffcutsView</name>
    <message>
        <source>Offcuts</source>
        <translation>Papierproben</translation>
    </message>
    <message>
        <source>to buy: %1</source>
        <translation>zu kaufen: %1</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>%1 · set</source>
        <translation>%1 · gesetzt</translation>
    </message>
</context>
<context>
    <name>app::OtherStickSheet</name>
    <message>
        <source>Another stick was taken</source>
        <translation>Eine andere Kreide wurde genommen</translation>
    </message>
    <message>
        <source>The plan has %1. What you lay instead is laid by the film as it is, and what is left is planned anew over it.</source>
        <translation>Der Plan hat %1. Was Sie stattdessen legen, wird gerechnet, wie es ist, und der Rest wird darüber neu geplant.</translation>
    </message>
    <message>
        <source>Sticks at hand, the nearest first</source>
        <translation>Kreiden zur Hand, die nächste zuerst</translation>
    </message>
    <message>
        <source>%1
%2 (%3)</source>
        <translation>%1
%2 (%3)</translation>
    </message>
    <message>
        <source>This one was taken</source>
        <translation>Diese wurde genommen</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Wie geplant</translation>
    </message>
    <message>
        <source>There is no other stick at hand: put some into the drawer.</source>
        <translation>Keine andere Kreide ist zur Hand: Legen Sie welche in die Schublade.</translation>
    </message>
</context>
<context>
    <name>app::PaceLeaf</name>
    <message>
        <source>%1, few yet: %2</source>
        <translation>%1, noch wenige: %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 von %3</translation>
    </message>
    <message>
        <source>%1 × usual</source>
        <translation>%1 × üblich</translation>
    </message>
    <message>
        <source>Plan this sheet by it</source>
        <translation>Dieses Blatt danach planen</translation>
    </message>
    <message>
        <source>The minutes of what is left are told by the pace that was learnt.</source>
        <translation>Die Minuten des Restes werden nach dem gelernten Tempo angegeben.</translation>
    </message>
    <message>
        <source>Set the pace back</source>
        <translation>Tempo zurücksetzen</translation>
    </message>
    <message>
        <source>What was learnt is let go, and later plans go by the usual pace again. The logs stay.</source>
        <translation>Was gelernt wurde, wird vergessen, und spätere Pläne gehen wieder nach dem üblichen Tempo. Die Logbücher bleiben.</translation>
    </message>
    <message>
        <source>By manner: time taken of planned</source>
        <translation>Nach Auftrag: gebrauchte von geplanter Zeit</translation>
    </message>
    <message>
        <source>By medium</source>
        <translation>Nach Malmittel</translation>
    </message>
    <message>
        <source>By size</source>
        <translation>Nach Größe</translation>
    </message>
    <message>
        <source>Nothing has been learnt yet: plans go by the usual pace. Each step that you lay at the Bench tells how long you take.</source>
        <translation>Noch ist nichts gelernt: Pläne gehen nach dem üblichen Tempo. Jeder Schritt, den Sie an der Staffelei legen, sagt, wie lange Sie brauchen.</translation>
    </message>
    <message>
        <source>You take %1 times as long as usual: from %2, %3 at the easel where %4 were planned.%5</source>
        <translation>Sie brauchen das %1-Fache der üblichen Zeit: %2, %3 an der Staffelei, wo %4 geplant waren.%5</translation>
    </message>
    <message>
        <source> That is few: much of it is the usual pace still.</source>
        <translation> Das ist wenig: Vieles davon ist noch das übliche Tempo.</translation>
    </message>
    <message>
        <source>Your pace</source>
        <translation>Ihr Tempo</translation>
    </message>
    <message>
        <source>Learnt from all your logs, it sets the minutes of every sheet that you begin. A sheet that is begun keeps the pace that it was planned with, until you say otherwise.</source>
        <translation>Aus allen Ihren Logbüchern gelernt, setzt es die Minuten jedes Blattes, das Sie beginnen. Ein begonnenes Blatt behält das Tempo, mit dem es geplant wurde, bis Sie es anders sagen.</translation>
    </message>
    <message>
        <source>This sheet goes by the usual pace.</source>
        <translation>Dieses Blatt geht nach dem üblichen Tempo.</translation>
    </message>
    <message>
        <source>This sheet goes by %1 times the usual pace, and what was learnt of manners, media and sizes.</source>
        <translation>Dieses Blatt geht nach dem %1-Fachen der üblichen Zeit und dem, was über Auftrag, Malmittel und Größe gelernt wurde.</translation>
    </message>
    <message>
        <source>Each line multiplies the others: a pencil, hatched, in a small place. A hollow mark rests on few steps. A step that took very much longer or shorter than all others (a key forgotten) does not count.</source>
        <translation>Jede Zeile vervielfacht die anderen: ein Stift, schraffiert, auf kleiner Stelle. Eine hohle Marke beruht auf wenigen Schritten. Ein Schritt, der sehr viel länger oder kürzer dauerte als alle anderen (eine vergessene Taste), zählt nicht.</translation>
    </message>
</context>
<context>
    <name>app::PaperStation</name>
    <message>
        <source>The sheet, cut</source>
        <translation>Der Bogen, geschnitten</translation>
    </message>
    <message>
        <source>How large its sheets are is not known: say it in Materials, and they are cut here.</source>
        <translation>Wie groß seine Bogen sind, ist nicht bekannt: Sagen Sie es unter Material, und hier werden sie geschnitten.</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>%1: too small for the picture</source>
        <translation>%1: zu klein für das Bild</translation>
    </message>
    <message numerus="yes">
        <source>%1 gives %n pieces</source>
        <translation>
            <numerusform>%1 ergibt %n Stück</numerusform>
            <numerusform>%1 ergibt %n Stücke</numerusform>
        </translation>
    </message>
    <message>
        <source>The offcuts</source>
        <translation>Die Papierproben</translation>
    </message>
    <message>
        <source>the best for your goal first</source>
        <translation>die beste für Ihr Ziel zuerst</translation>
    </message>
    <message>
        <source>As it looks there</source>
        <translation>Wie es dort aussieht</translation>
    </message>
    <message>
        <source>Beside its neighbours a colour looks lighter or darker than it measures.</source>
        <translation>Neben seinen Nachbarn sieht eine Farbe heller oder dunkler aus, als sie misst.</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Take the best paper</source>
        <translation>Das beste Papier nehmen</translation>
    </message>
    <message>
        <source>Set this paper</source>
        <translation>Dieses Papier setzen</translation>
    </message>
    <message>
        <source>Test cards</source>
        <translation>Testkarten</translation>
    </message>
    <message>
        <source>Print a test card of the best three, A4…</source>
        <translation>Eine Testkarte der besten drei drucken, A4 …</translation>
    </message>
    <message>
        <source>The same, Letter…</source>
        <translation>Dasselbe, Letter …</translation>
    </message>
    <message>
        <source>Print a test card</source>
        <translation>Testkarte drucken</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Karten (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled test card…</source>
        <translation>Ausgefüllte Testkarte lesen …</translation>
    </message>
    <message>
        <source>Read a filled test card</source>
        <translation>Ausgefüllte Testkarte lesen</translation>
    </message>
    <message>
        <source>The test card is in %1. It tells what to lay on real offcuts and what should be seen.</source>
        <translation>Die Testkarte liegt in %1. Sie sagt, was auf echte Abschnitte zu legen ist und was zu sehen sein sollte.</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Under the tape, on each side of the picture.</source>
        <translation>Unter dem Klebeband, auf jeder Seite des Bildes.</translation>
    </message>
    <message>
        <source>Pictures of this size on the same paper.</source>
        <translation>Bilder dieser Größe auf demselben Papier.</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Pictures in the series</source>
        <translation>Bilder in der Reihe</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>noch nicht gewählt</translation>
    </message>
    <message>
        <source>Subject cut out, as it looks on %1</source>
        <translation>Motiv ausgeschnitten, wie es auf %1 aussieht</translation>
    </message>
    <message>
        <source>Subject cut out, as it measures, on %1</source>
        <translation>Motiv ausgeschnitten, wie es misst, auf %1</translation>
    </message>
    <message>
        <source>All your papers, tried with your sticks, the best for your goal first. Choose one by a click and set it, or leave it to the plan.</source>
        <translation>Alle Ihre Papiere, mit Ihren Kreiden erprobt, das beste für Ihr Ziel zuerst. Wählen Sie eines mit einem Klick und setzen Sie es, oder überlassen Sie es dem Plan.</translation>
    </message>
    <message>
        <source>Papers are tried as soon as the subject is read.</source>
        <translation>Papiere werden erprobt, sobald das Motiv gelesen ist.</translation>
    </message>
    <message>
        <source>It is taken because it ranks first.</source>
        <translation>Es wird genommen, weil es an erster Stelle steht.</translation>
    </message>
    <message>
        <source>You have set it.</source>
        <translation>Sie haben es gesetzt.</translation>
    </message>
    <message>
        <source>It is not at hand: used up, or not bought yet.</source>
        <translation>Es ist nicht zur Hand: aufgebraucht oder noch nicht gekauft.</translation>
    </message>
    <message>
        <source>%1. Score %2 of 100, %3 of %4: %5.</source>
        <translation>%1. %2 von 100 Punkten, %3 von %4: %5.</translation>
    </message>
    <message>
        <source>A quick plan on it, in at most three layers, ends %1 (%2).</source>
        <translation>Ein schneller Plan darauf, in höchstens drei Schichten, endet %1 (%2).</translation>
    </message>
    <message>
        <source>On each piece lie the subject&apos;s dark, medium and light, in pencil, soft stick and pan.</source>
        <translation>Auf jedem Stück liegen das Dunkle, Mittlere und Helle des Motivs, in Stift, Softpastell und Näpfchen.</translation>
    </message>
    <message>
        <source>%1. It is being tried.</source>
        <translation>%1. Es wird erprobt.</translation>
    </message>
    <message>
        <source>Beside it %1 looks %2 of a step lighter than on a middle grey, though it measures the same.</source>
        <translation>Daneben sieht %1 um %2 einer Stufe heller aus als auf Mittelgrau, obwohl es dasselbe misst.</translation>
    </message>
    <message>
        <source>Beside it %1 looks %2 of a step darker than on a middle grey, though it measures the same.</source>
        <translation>Daneben sieht %1 um %2 einer Stufe dunkler aus als auf Mittelgrau, obwohl es dasselbe misst.</translation>
    </message>
    <message>
        <source>Leaves the paper to the plan, which takes the one that ranks first for your goal.</source>
        <translation>Überlässt das Papier dem Plan, der das nimmt, das für Ihr Ziel an erster Stelle steht.</translation>
    </message>
    <message>
        <source>Plans on the paper that is looked at, whatever its rank.</source>
        <translation>Plant auf dem betrachteten Papier, gleich an welcher Stelle es steht.</translation>
    </message>
    <message>
        <source>A card to lay on real offcuts of the best three papers; its photograph tells how much they hold and take.</source>
        <translation>Eine Karte zum Legen auf echten Abschnitten der besten drei Papiere; ihr Foto sagt, wie viel sie fassen und nehmen.</translation>
    </message>
</context>
<context>
    <name>app::PicturePair</name>
    <message>
        <source>Subject and sheet</source>
        <translation>Motiv und Blatt</translation>
    </message>
    <message>
        <source>The reference on the left, the predicted sheet on the right. Arrow keys move a cross, Return points with it.</source>
        <translation>Die Vorlage links, das vorausberechnete Blatt rechts. Pfeiltasten bewegen ein Kreuz, die Eingabetaste zeigt damit.</translation>
    </message>
</context>
<context>
    <name>app::PracticeWindow</name>
    <message>
        <source>Practice · Yawning Dune</source>
        <translation>Übung · Yawning Dune</translation>
    </message>
    <message>
        <source>Exercises, what wants training most first</source>
        <translation>Übungen, was am meisten Übung braucht zuerst</translation>
    </message>
    <message>
        <source>Break off</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Nothing is lost: the sitting can be gone on with today</source>
        <translation>Nichts geht verloren: Heute kann die Sitzung fortgesetzt werden</translation>
    </message>
    <message>
        <source>&amp;Practice</source>
        <translation>&amp;Übung</translation>
    </message>
    <message>
        <source>Export results…</source>
        <translation>Ergebnisse exportieren …</translation>
    </message>
    <message>
        <source>Export results</source>
        <translation>Ergebnisse exportieren</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>The week as PDF…</source>
        <translation>Die Woche als PDF …</translation>
    </message>
    <message>
        <source>The week as PDF</source>
        <translation>Die Woche als PDF</translation>
    </message>
    <message>
        <source>Sheets (*.pdf)</source>
        <translation>Blätter (*.pdf)</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Nach %1 geschrieben.</translation>
    </message>
    <message numerus="yes">
        <source>broken off after %n answers</source>
        <translation>
            <numerusform>nach %n Antwort abgebrochen</numerusform>
            <numerusform>nach %n Antworten abgebrochen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, again on %2</source>
        <translation>%1, wieder am %2</translation>
    </message>
    <message>
        <source>%1, to be repeated</source>
        <translation>%1, zu wiederholen</translation>
    </message>
    <message>
        <source>The drawing&apos;s photograph</source>
        <translation>Das Foto der Zeichnung</translation>
    </message>
    <message>
        <source>Look as long as you like, then go on with Return: the picture is gone then.</source>
        <translation>Schauen Sie, solange Sie mögen, dann weiter mit der Eingabetaste: Das Bild ist dann weg.</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Das Foto wird gelesen.</translation>
    </message>
    <message>
        <source>Draw it from memory, on a sheet of its format.</source>
        <translation>Zeichnen Sie es aus dem Gedächtnis, auf einem Blatt seines Formats.</translation>
    </message>
    <message>
        <source>The sheet&apos;s edges are the picture&apos;s. Draw the outlines closed and dark.</source>
        <translation>Die Kanten des Blattes sind die des Bildes. Ziehen Sie die Umrisse geschlossen und dunkel.</translation>
    </message>
    <message>
        <source>Photograph it whole and upright on a darker table, then choose the photograph with Return.</source>
        <translation>Fotografieren Sie es ganz und aufrecht auf einem dunkleren Tisch, dann wählen Sie das Foto mit der Eingabetaste.</translation>
    </message>
    <message>
        <source>The double lines are where the subject has its shapes.</source>
        <translation>Die Doppellinien sind da, wo das Motiv seine Formen hat.</translation>
    </message>
    <message>
        <source>Shapes that were found: %1.</source>
        <translation>Gefundene Formen: %1.</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Choose the photograph…</source>
        <translation>Das Foto wählen …</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>It needs the colours of a subject and five sticks: open a study first.</source>
        <translation>Es braucht die Farben eines Motivs und fünf Kreiden: Öffnen Sie zuerst eine Studie.</translation>
    </message>
    <message>
        <source>Answered so far: %1.</source>
        <translation>Bisher beantwortet: %1.</translation>
    </message>
    <message>
        <source>Look until you see it, then go on with Return.</source>
        <translation>Schauen Sie, bis Sie es sehen, dann weiter mit der Eingabetaste.</translation>
    </message>
    <message>
        <source>Press the number of your answer; Escape breaks off.</source>
        <translation>Drücken Sie die Nummer Ihrer Antwort; Escape bricht ab.</translation>
    </message>
    <message numerus="yes">
        <source>You were off by %1, over %n shapes.</source>
        <translation>
            <numerusform>Sie lagen um %1 daneben, bei %n Form.</numerusform>
            <numerusform>Sie lagen um %1 daneben, bei %n Formen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>You tell %1 apart, after %n answers.</source>
        <translation>
            <numerusform>Sie unterscheiden %1, nach %n Antwort.</numerusform>
            <numerusform>Sie unterscheiden %1, nach %n Antworten.</numerusform>
        </translation>
    </message>
    <message>
        <source>Check has noticed that your sheets come out otherwise in this.</source>
        <translation>Prüfen hat bemerkt, dass Ihre Blätter hierin anders ausfallen.</translation>
    </message>
    <message>
        <source>Measured is how far outlines lie beside their places, once what the whole drawing is off by has been taken off. The bounds hold the mean in nine of ten.</source>
        <translation>Gemessen wird, wie weit Umrisse neben ihrem Ort liegen, nachdem abgezogen ist, um wie viel die ganze Zeichnung daneben liegt. Die Grenzen enthalten das Mittel in neun von zehn Fällen.</translation>
    </message>
    <message>
        <source>Each question stands where its answer tells most. What you tell apart is where you are right in about two of three cases beyond guessing; the bounds hold it in nine of ten.</source>
        <translation>Jede Frage steht da, wo ihre Antwort am meisten sagt. Was Sie unterscheiden, ist da, wo Sie über das Raten hinaus in etwa zwei von drei Fällen richtig liegen; die Grenzen enthalten es in neun von zehn.</translation>
    </message>
    <message>
        <source>Begins the exercise that is chosen, or goes on with it.</source>
        <translation>Beginnt die gewählte Übung oder macht mit ihr weiter.</translation>
    </message>
</context>
<context>
    <name>app::ProgressStrip</name>
    <message>
        <source>Progress: photographs and predicted sheets</source>
        <translation>Fortgang: Fotos und vorausberechnete Blätter</translation>
    </message>
    <message>
        <source>No photograph yet: P at the Bench keeps one, and here it stands over the sheet as it was planned for that moment.</source>
        <translation>Noch kein Foto: P an der Staffelei behält eines, und hier steht es über dem Blatt, wie es für diesen Augenblick geplant war.</translation>
    </message>
    <message>
        <source>As photographed</source>
        <translation>Wie fotografiert</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Wie geplant</translation>
    </message>
</context>
<context>
    <name>app::QuestionView</name>
    <message>
        <source>The question</source>
        <translation>Die Frage</translation>
    </message>
    <message>
        <source>first</source>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>over it</source>
        <translation>darüber</translation>
    </message>
</context>
<context>
    <name>app::ReaderSheet</name>
    <message>
        <source>known so far</source>
        <translation>bisher bekannt</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>wie gelesen</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>noch nicht gelesen</translation>
    </message>
    <message>
        <source>Colour reader</source>
        <translation>Farbmessgerät</translation>
    </message>
    <message>
        <source>Take this reading</source>
        <translation>Diese Messung übernehmen</translation>
    </message>
    <message>
        <source>Read the swatch</source>
        <translation>Farbprobe messen</translation>
    </message>
    <message>
        <source>Read the white tile</source>
        <translation>Weiße Kachel messen</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Auslassen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>No reader is connected, so the stand-in that ships with the program takes its place. It invents: take its readings only to try this out.</source>
        <translation>Kein Messgerät ist angeschlossen, also tritt das mitgelieferte an seine Stelle. Es erfindet: Übernehmen Sie seine Messungen nur zum Ausprobieren.</translation>
    </message>
    <message>
        <source>its white tile</source>
        <translation>seine weiße Kachel</translation>
    </message>
    <message>
        <source>a swatch of the thing</source>
        <translation>eine Farbprobe des Dings</translation>
    </message>
    <message>
        <source>half a swatch, held askew</source>
        <translation>eine halbe Farbprobe, schief gehalten</translation>
    </message>
    <message>
        <source>Under it lies</source>
        <translation>Darunter liegt</translation>
    </message>
    <message>
        <source>It loses its connection</source>
        <translation>Es verliert die Verbindung</translation>
    </message>
    <message>
        <source>Colour reader: %1</source>
        <translation>Farbmessgerät: %1</translation>
    </message>
    <message>
        <source>All things are read, %1 of them taken.</source>
        <translation>Alle Dinge sind gemessen, %1 davon übernommen.</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 von %2: %3</translation>
    </message>
    <message>
        <source>Reading. Hold it still.</source>
        <translation>Es misst. Halten Sie es still.</translation>
    </message>
    <message>
        <source>Put the reader flat on its white tile and read that first.</source>
        <translation>Setzen Sie das Gerät flach auf seine weiße Kachel und messen Sie diese zuerst.</translation>
    </message>
    <message>
        <source>Put the reader on a heavy, even swatch of %1 and read it.</source>
        <translation>Setzen Sie das Gerät auf eine satte, gleichmäßige Farbprobe von %1 und messen Sie.</translation>
    </message>
    <message numerus="yes">
        <source>Mean of %n readings, %1 passed over, good to %2. Against what was known: %3.</source>
        <translation>
            <numerusform>Mittel aus %n Messung, %1 übergangen, auf %2 genau. Gegenüber dem Bekannten: %3.</numerusform>
            <numerusform>Mittel aus %n Messungen, %1 übergangen, auf %2 genau. Gegenüber dem Bekannten: %3.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::Route</name>
    <message>
        <source>Route</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 (wants attention)</source>
        <translation>%1 (verlangt Aufmerksamkeit)</translation>
    </message>
</context>
<context>
    <name>app::SampleView</name>
    <message>
        <source>The swatch beside what is wanted</source>
        <translation>Die Probe neben dem, was gesucht ist</translation>
    </message>
    <message>
        <source>swatch</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gesucht</translation>
    </message>
</context>
<context>
    <name>app::Scrubber</name>
    <message>
        <source>Steps laid</source>
        <translation>Gelegte Schritte</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Schritt %1 von %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>app::SectionView</name>
    <message>
        <source>Section</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>%1, step %2: %3. The tooth is %4 % full then.</source>
        <translation>%1, Schritt %2: %3. Der Zahn ist dann zu %4 % gefüllt.</translation>
    </message>
    <message>
        <source>where the line begins</source>
        <translation>wo die Linie beginnt</translation>
    </message>
    <message>
        <source>darkest area</source>
        <translation>dunkelste Fläche</translation>
    </message>
    <message>
        <source>where it ends</source>
        <translation>wo sie endet</translation>
    </message>
    <message>
        <source>lightest area</source>
        <translation>hellste Fläche</translation>
    </message>
    <message>
        <source>Left and right choose an area</source>
        <translation>Links und Rechts wählen eine Fläche</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>app::Session</name>
    <message>
        <source>The sheet is begun, so picture, areas, paper and ground stay as they are: begin another sheet of this study to choose them anew.</source>
        <translation>Das Blatt ist begonnen, also bleiben Bild, Flächen, Papier und Grund, wie sie sind: Beginnen Sie ein weiteres Blatt dieser Studie, um sie neu zu wählen.</translation>
    </message>
</context>
<context>
    <name>app::StackSheet</name>
    <message>
        <source>The layers of %1</source>
        <translation>Die Schichten von %1</translation>
    </message>
    <message>
        <source>From the paper up. What you set stays as it is; the rest of the plan is made around it.</source>
        <translation>Vom Papier nach oben. Was Sie festlegen, bleibt; der übrige Plan wird darum herum gemacht.</translation>
    </message>
    <message>
        <source>Take these layers</source>
        <translation>Diese Schichten nehmen</translation>
    </message>
    <message>
        <source>Leave it to the plan</source>
        <translation>Dem Plan überlassen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Layer %1</source>
        <translation>Schicht %1</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>blend what lies there</source>
        <translation>verwischen, was dort liegt</translation>
    </message>
    <message>
        <source>lift what lies loose</source>
        <translation>abheben, was lose liegt</translation>
    </message>
    <message>
        <source>fixative</source>
        <translation>Fixativ</translation>
    </message>
    <message>
        <source>How layer %1 is laid</source>
        <translation>Wie Schicht %1 gelegt wird</translation>
    </message>
    <message>
        <source>lighter over all</source>
        <translation>überall leichter</translation>
    </message>
    <message>
        <source>as it is wanted</source>
        <translation>wie gebraucht</translation>
    </message>
    <message>
        <source>heavier over all</source>
        <translation>überall kräftiger</translation>
    </message>
    <message>
        <source>How heavily layer %1 is laid</source>
        <translation>Wie kräftig Schicht %1 gelegt wird</translation>
    </message>
    <message>
        <source>Not here</source>
        <translation>Hier nicht</translation>
    </message>
    <message>
        <source>The plan is not to lay this stick in this area, and finds others.</source>
        <translation>Der Plan soll diese Kreide in dieser Fläche nicht legen und findet andere.</translation>
    </message>
    <message>
        <source>The stick of layer %1 is not to be laid here</source>
        <translation>Die Kreide von Schicht %1 ist hier nicht zu legen</translation>
    </message>
    <message>
        <source>Or another way:</source>
        <translation>Oder auf andere Art:</translation>
    </message>
    <message>
        <source>Fewest layers</source>
        <translation>Wenigste Schichten</translation>
    </message>
    <message>
        <source>Liveliest</source>
        <translation>Am lebendigsten</translation>
    </message>
    <message>
        <source>Safest</source>
        <translation>Am sichersten</translation>
    </message>
    <message>
        <source>As few layers as serve it</source>
        <translation>So wenige Schichten, wie genügen</translation>
    </message>
    <message>
        <source>Lines of colours that stay apart and glint</source>
        <translation>Linien aus Farben, die getrennt bleiben und schimmern</translation>
    </message>
    <message>
        <source>What an unsteady hand spoils least, with tooth to spare</source>
        <translation>Was eine unruhige Hand am wenigsten verdirbt, mit Zahn in Reserve</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 where its colours are laid, %2 by an unsteady hand, %3, the tooth %4 % full</source>
        <translation>%1, wo ihre Farben liegen, %2 bei unruhiger Hand, %3, der Zahn zu %4 % gefüllt</translation>
    </message>
    <message>
        <source>Choose a stick for the first layer; a tool needs something to work on.</source>
        <translation>Wählen Sie eine Kreide für die erste Schicht; ein Werkzeug braucht etwas, woran es arbeitet.</translation>
    </message>
    <message>
        <source>As planned: %1. So: %2.</source>
        <translation>Wie geplant: %1. So: %2.</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>dasselbe</translation>
    </message>
</context>
<context>
    <name>app::Station</name>
    <message>
        <source>Subject</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>Sheet, all layers laid</source>
        <translation>Blatt, alle Schichten gelegt</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>app::SticksStation</name>
    <message>
        <source>The tray</source>
        <translation>Der Kasten</translation>
    </message>
    <message>
        <source>light above dark</source>
        <translation>hell über dunkel</translation>
    </message>
    <message>
        <source>Tray</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>The sticks of this picture</source>
        <translation>Die Kreiden dieses Bildes</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>How near fewer or more sticks come</source>
        <translation>Wie nah weniger oder mehr Kreiden kommen</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Welche</translation>
    </message>
    <message>
        <source>Limited palettes: how many sticks of each family of colours</source>
        <translation>Begrenzte Paletten: wie viele Kreiden jeder Farbfamilie</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>Zu kaufen</translation>
    </message>
    <message>
        <source>What is not at hand and would bring it nearer</source>
        <translation>Was nicht zur Hand ist und es näher brächte</translation>
    </message>
    <message>
        <source>Number of sticks</source>
        <translation>Anzahl der Kreiden</translation>
    </message>
    <message>
        <source>Layers an area</source>
        <translation>Schichten je Fläche</translation>
    </message>
    <message>
        <source>Draw from</source>
        <translation>Schöpfen aus</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source> sticks</source>
        <translation> Kreiden</translation>
    </message>
    <message>
        <source>Keep it in</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>It is used in this picture, whatever the plan would choose.</source>
        <translation>Sie wird in diesem Bild gebraucht, was auch immer der Plan wählen würde.</translation>
    </message>
    <message>
        <source>Is it missing or used up? What you choose is laid in its very layers.</source>
        <translation>Fehlt sie oder ist sie aufgebraucht? Was Sie wählen, wird in genau ihren Schichten gelegt.</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>It is not used in this picture.</source>
        <translation>Sie wird in diesem Bild nicht gebraucht.</translation>
    </message>
    <message>
        <source>Take back what is left out</source>
        <translation>Weggelassenes zurückholen</translation>
    </message>
    <message>
        <source>What was left out may be used again.</source>
        <translation>Was weggelassen wurde, darf wieder gebraucht werden.</translation>
    </message>
    <message>
        <source>In its place</source>
        <translation>An ihrer Stelle</translation>
    </message>
    <message>
        <source>Sticks taken back</source>
        <translation>Kreiden zurückgeholt</translation>
    </message>
    <message>
        <source>Stick kept in</source>
        <translation>Kreide behalten</translation>
    </message>
    <message>
        <source>Stick left out</source>
        <translation>Kreide weggelassen</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>die ganze Schublade</translation>
    </message>
    <message>
        <source>Take back what is left out (%1)</source>
        <translation>Weggelassenes zurückholen (%1)</translation>
    </message>
    <message>
        <source>Stick at hand again</source>
        <translation>Kreide wieder zur Hand</translation>
    </message>
    <message>
        <source>Substitute for a stick</source>
        <translation>Ersatz für eine Kreide</translation>
    </message>
    <message>
        <source>itself</source>
        <translation>sie selbst</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>wird erprobt</translation>
    </message>
    <message>
        <source>It is laid in the place of %1: %2. With that one the picture would be: %3.</source>
        <translation>Sie wird anstelle von %1 gelegt: %2. Mit jener wäre das Bild: %3.</translation>
    </message>
    <message>
        <source>With the nearest in its place the picture would be: %1.</source>
        <translation>Mit der nächsten an ihrer Stelle wäre das Bild: %1.</translation>
    </message>
    <message>
        <source>Left out and planned anew: %1.</source>
        <translation>Weggelassen und neu geplant: %1.</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>noch nicht gewählt</translation>
    </message>
    <message>
        <source>%1 of %2 at hand</source>
        <translation>%1 von %2 zur Hand</translation>
    </message>
    <message>
        <source>These sticks are to be pulled for this picture. Say from which tray to draw and how many to use at most; a stick that is missing has its nearest substitute here.</source>
        <translation>Diese Kreiden sind für dieses Bild herauszusuchen. Sagen Sie, aus welchem Kasten und wie viele höchstens; eine fehlende hat hier ihren nächsten Ersatz.</translation>
    </message>
    <message>
        <source>Sticks</source>
        <translation>Kreiden</translation>
    </message>
    <message>
        <source>Sticks are chosen as soon as the subject is read.</source>
        <translation>Kreiden werden gewählt, sobald das Motiv gelesen ist.</translation>
    </message>
    <message numerus="yes">
        <source>%n sticks serve the whole picture. With them the sheet is %1.</source>
        <translation>
            <numerusform>%n Kreide genügt für das ganze Bild. Mit ihr ist das Blatt %1.</numerusform>
            <numerusform>%n Kreiden genügen für das ganze Bild. Mit ihnen ist das Blatt %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The study draws from %1 sticks and paints and %2 papers, as they were when it was begun. Choose again what to draw from, and it takes them as they are now.</source>
        <translation>Die Studie schöpft aus %1 Kreiden und Farben und %2 Papieren, wie sie bei ihrem Beginn waren. Wählen Sie noch einmal, woraus zu schöpfen ist, und sie nimmt sie, wie sie jetzt sind.</translation>
    </message>
    <message>
        <source>Click one to see where it goes.</source>
        <translation>Klicken Sie eine an, um zu sehen, wohin sie kommt.</translation>
    </message>
    <message>
        <source>They were chosen by giving up, one after the other, the stick that the picture misses least.</source>
        <translation>Sie wurden gewählt, indem nacheinander die Kreide aufgegeben wurde, die dem Bild am wenigsten fehlt.</translation>
    </message>
    <message>
        <source>The nearest single stick in each place, of all at hand, would leave %1: layers with more and less pressure do the rest.</source>
        <translation>Die nächste einzelne Kreide an jeder Stelle, von allen zur Hand, ließe %1: Schichten mit mehr und weniger Druck tun das Übrige.</translation>
    </message>
    <message>
        <source>%1, %2, number %3. Pigment %4, lightfastness %5.</source>
        <translation>%1, %2, Nummer %3. Pigment %4, Lichtechtheit %5.</translation>
    </message>
    <message>
        <source>It looks %1, at value %2.</source>
        <translation>Ihr Aussehen: %1, Tonwert %2.</translation>
    </message>
    <message>
        <source>You keep it in, whatever the plan would choose.</source>
        <translation>Sie behalten sie, was auch immer der Plan wählen würde.</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Wohin sie kommt</translation>
    </message>
    <message>
        <source>layer %1 of %2, step %3: %4, %5</source>
        <translation>Schicht %1 von %2, Schritt %3: %4, %5</translation>
    </message>
    <message>
        <source>It is laid as a ground under %1.</source>
        <translation>Sie wird als Grund unter %1 gelegt.</translation>
    </message>
    <message numerus="yes">
        <source>It comes back in %n areas and ties them together: %1.</source>
        <translation>
            <numerusform>Sie kehrt in %n Fläche wieder: %1.</numerusform>
            <numerusform>Sie kehrt in %n Flächen wieder und verbindet sie: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>It holds a toxic pigment (%1): make no dust, wear gloves, follow the label and the safety data sheet.</source>
        <translation>Sie enthält ein giftiges Pigment (%1): keinen Staub machen, Handschuhe tragen, Etikett und Sicherheitsdatenblatt befolgen.</translation>
    </message>
    <message>
        <source>Which of your materials the study draws from.</source>
        <translation>Aus welchem Ihres Materials die Studie schöpft.</translation>
    </message>
    <message>
        <source>How many sticks the plan may use at most.</source>
        <translation>Wie viele Kreiden der Plan höchstens brauchen darf.</translation>
    </message>
    <message>
        <source>How many layers may lie in an area at most.</source>
        <translation>Wie viele Schichten in einer Fläche höchstens liegen dürfen.</translation>
    </message>
</context>
<context>
    <name>app::StockLeaf</name>
    <message>
        <source>What the sticks have lost</source>
        <translation>Was die Kreiden verloren haben</translation>
    </message>
    <message>
        <source>Take it into the drawer</source>
        <translation>In die Schublade übernehmen</translation>
    </message>
    <message>
        <source>What is left of your sticks is said in the drawer; there it can be undone.</source>
        <translation>Was von Ihren Kreiden übrig ist, steht in der Schublade; dort kann es rückgängig gemacht werden.</translation>
    </message>
    <message>
        <source>%1: %2 laid in %3, probably %4 % of a whole one</source>
        <translation>%1: %2 gelegt (%3), vermutlich %4 % einer ganzen</translation>
    </message>
    <message>
        <source>; not in your drawer</source>
        <translation>; nicht in Ihrer Schublade</translation>
    </message>
    <message>
        <source>; a stub</source>
        <translation>; ein Stummel</translation>
    </message>
    <message>
        <source>; a stub soon</source>
        <translation>; bald ein Stummel</translation>
    </message>
    <message>
        <source>; some %1 % left</source>
        <translation>; etwa %1 % übrig</translation>
    </message>
    <message>
        <source>No stick has served yet.</source>
        <translation>Noch hat keine Kreide gedient.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Was gebraucht wurde</translation>
    </message>
    <message>
        <source>Reckoned from the places that were laid and how hard: a guess, which your eye corrects in the drawer. A soft stick lays some 4000 square centimetres, of a pencil half goes in sharpening.</source>
        <translation>Gerechnet aus den gelegten Stellen und wie kräftig: eine Schätzung, die Ihr Auge in der Schublade berichtigt. Eine weiche Kreide legt etwa 4000 Quadratzentimeter, ein Stift geht zur Hälfte beim Spitzen weg.</translation>
    </message>
    <message>
        <source>A thick layer takes twice a full one, a light one less than half.</source>
        <translation>Eine dicke Schicht nimmt doppelt so viel wie eine volle, eine leichte weniger als die Hälfte.</translation>
    </message>
</context>
<context>
    <name>app::StrokesEditor</name>
    <message>
        <source>A finger</source>
        <translation>Ein Finger</translation>
    </message>
    <message>
        <source>Fixative</source>
        <translation>Fixativ</translation>
    </message>
    <message>
        <source>A putty eraser</source>
        <translation>Ein Knetgummi</translation>
    </message>
    <message>
        <source>Strokes of the swatch, the last on top</source>
        <translation>Striche der Probe, der letzte oben</translation>
    </message>
    <message>
        <source>Stick of the stroke</source>
        <translation>Kreide des Strichs</translation>
    </message>
    <message>
        <source>Manner of the stroke</source>
        <translation>Auftrag des Strichs</translation>
    </message>
    <message>
        <source>Pressure of the stroke</source>
        <translation>Druck des Strichs</translation>
    </message>
    <message>
        <source>Lay one more</source>
        <translation>Noch einen legen</translation>
    </message>
    <message>
        <source>Leave this out</source>
        <translation>Diesen weglassen</translation>
    </message>
    <message>
        <source>What the chosen stroke is laid with.</source>
        <translation>Womit der gewählte Strich gelegt wird.</translation>
    </message>
    <message>
        <source>How it is laid.</source>
        <translation>Wie er gelegt wird.</translation>
    </message>
    <message>
        <source>How hard, by half steps.</source>
        <translation>Wie kräftig, in halben Stufen.</translation>
    </message>
    <message>
        <source>One more stroke on top.</source>
        <translation>Ein weiterer Strich obenauf.</translation>
    </message>
    <message>
        <source>Takes the chosen stroke off.</source>
        <translation>Nimmt den gewählten Strich weg.</translation>
    </message>
</context>
<context>
    <name>app::StudyLifecycle</name>
    <message>
        <source>Reading the study</source>
        <translation>Studie wird gelesen</translation>
    </message>
    <message>
        <source>Open the leading picture first; %1 more can be pinned up beside it.</source>
        <translation>Öffnen Sie zuerst das führende Bild; %1 weitere können daneben angeheftet werden.</translation>
    </message>
    <message>
        <source>Pin up a reference</source>
        <translation>Vorlage anheften</translation>
    </message>
    <message>
        <source>Reading what was not saved</source>
        <translation>Nicht Gesichertes wird gelesen</translation>
    </message>
    <message>
        <source>%1 Your choices are here, but what was done at the easel is in that file. Make it readable and save, or save under another name.</source>
        <translation>%1 Ihre Entscheidungen sind hier, aber was an der Staffelei getan wurde, steht in jener Datei. Machen Sie sie lesbar und sichern Sie, oder sichern Sie unter einem anderen Namen.</translation>
    </message>
    <message>
        <source>Reading the picture</source>
        <translation>Bild wird gelesen</translation>
    </message>
    <message>
        <source>There is nothing to save yet: open a picture first.</source>
        <translation>Es gibt noch nichts zu sichern: Öffnen Sie zuerst ein Bild.</translation>
    </message>
    <message>
        <source>%1 Nothing is written over it: save under another name.</source>
        <translation>%1 Sie wird nicht überschrieben: Sichern Sie unter einem anderen Namen.</translation>
    </message>
    <message>
        <source>Writing the study</source>
        <translation>Schreibt die Studie</translation>
    </message>
</context>
<context>
    <name>app::SubjectStation</name>
    <message>
        <source>The measuring strip</source>
        <translation>Der Messstreifen</translation>
    </message>
    <message>
        <source>what the eye does with a pencil at arm&apos;s length</source>
        <translation>was das Auge mit dem Stift bei ausgestrecktem Arm tut</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>References, format, crop, level, grey</source>
        <translation>Vorlagen, Format, Zuschnitt, Ausrichten, Grau</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Lengths, slopes, extents, alignments, construction</source>
        <translation>Längen, Neigungen, Ausdehnung, Fluchten, Konstruktion</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>What belongs together, what it is, how it is lit</source>
        <translation>Was zusammengehört, was es ist, wie es beleuchtet ist</translation>
    </message>
    <message>
        <source>no picture yet</source>
        <translation>noch kein Bild</translation>
    </message>
    <message>
        <source>%1, for %2</source>
        <translation>%1, für %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n areas</source>
        <translation>
            <numerusform>%1, %n Fläche</numerusform>
            <numerusform>%1, %n Flächen</numerusform>
        </translation>
    </message>
    <message>
        <source>Sheet, bare</source>
        <translation>Blatt, leer</translation>
    </message>
    <message>
        <source>Another reference: %1</source>
        <translation>Andere Vorlage: %1</translation>
    </message>
    <message>
        <source>Here the picture is cut to your sheet and measured. Under Areas, click on what is parted wrongly and put it right: all that follows is planned by areas.</source>
        <translation>Hier wird das Bild auf Ihr Blatt geschnitten und gemessen. Klicken Sie unter Flächen auf das, was falsch geteilt ist, und berichtigen Sie es: Alles Folgende wird nach Flächen geplant.</translation>
    </message>
    <message>
        <source>Begin with a picture</source>
        <translation>Mit einem Bild beginnen</translation>
    </message>
    <message>
        <source>Open a photograph of the subject, or drop one into this window. It stays on the left, always in view; the sheet stands beside it.</source>
        <translation>Öffnen Sie ein Foto des Motivs, oder ziehen Sie eines in dieses Fenster. Es bleibt links, immer im Blick; das Blatt steht daneben.</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Motiv</translation>
    </message>
</context>
<context>
    <name>app::SwatchGrid</name>
    <message>
        <source>Swatches of the trial sheet</source>
        <translation>Proben des Probeblatts</translation>
    </message>
    <message>
        <source>Tick the sticks that are to be tried.</source>
        <translation>Haken Sie die Kreiden an, die ausprobiert werden sollen.</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>bloßes Papier</translation>
    </message>
    <message>
        <source>%1, on the card</source>
        <translation>%1, auf der Karte</translation>
    </message>
</context>
<context>
    <name>app::TargetView</name>
    <message>
        <source>Subject: the colour that is wanted</source>
        <translation>Motiv: die gesuchte Farbe</translation>
    </message>
    <message>
        <source>Click where the colour is that swatches are held against; the arrows move the place.</source>
        <translation>Klicken Sie, wo die Farbe ist, gegen die Proben gehalten werden; die Pfeile verschieben die Stelle.</translation>
    </message>
    <message>
        <source>Open a study to hold swatches against its subject.</source>
        <translation>Öffnen Sie eine Studie, um Proben gegen ihr Motiv zu halten.</translation>
    </message>
</context>
<context>
    <name>app::TestSheet</name>
    <message>
        <source>Fields of the card</source>
        <translation>Felder der Karte</translation>
    </message>
    <message>
        <source>expected</source>
        <translation>erwartet</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>wie gelesen</translation>
    </message>
    <message>
        <source>Test card: %1</source>
        <translation>Testkarte: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Das Foto wird gelesen.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Karte lesen</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Diese Messungen übernehmen</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Above each paper&apos;s fields stands what was expected of it, below what the photograph shows.</source>
        <translation>Über den Feldern jedes Papiers steht, was davon erwartet war, darunter, was das Foto zeigt.</translation>
    </message>
    <message>
        <source>No field of this card differs from the bare paper: lay the strokes, then photograph it.</source>
        <translation>Kein Feld dieser Karte unterscheidet sich vom bloßen Papier: Legen Sie die Striche und fotografieren Sie sie dann.</translation>
    </message>
    <message>
        <source>Its fields are empty.</source>
        <translation>Seine Felder sind leer.</translation>
    </message>
    <message>
        <source>Read a test card</source>
        <translation>Testkarte lesen</translation>
    </message>
    <message>
        <source>Taken from the card: %1. All is planned anew.</source>
        <translation>Von der Karte übernommen: %1. Alles wird neu geplant.</translation>
    </message>
</context>
<context>
    <name>app::ThingEditor</name>
    <message>
        <source>Something new in the drawer</source>
        <translation>Etwas Neues in der Schublade</translation>
    </message>
    <message>
        <source>Fields that you leave alone stay as they are, each thing its own.</source>
        <translation>Felder, die Sie nicht anrühren, bleiben, wie sie sind, bei jedem Ding die eigenen.</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Maker</source>
        <translation>Hersteller</translation>
    </message>
    <message>
        <source>Number on the label</source>
        <translation>Nummer auf dem Etikett</translation>
    </message>
    <message>
        <source>Pigments</source>
        <translation>Pigmente</translation>
    </message>
    <message>
        <source>Calls for care</source>
        <translation>Verlangt Vorsicht</translation>
    </message>
    <message>
        <source>Lightfastness</source>
        <translation>Lichtechtheit</translation>
    </message>
    <message>
        <source>Hides</source>
        <translation>Deckt</translation>
    </message>
    <message>
        <source> times the usual</source>
        <translation>-mal so gut wie üblich</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Härte</translation>
    </message>
    <message>
        <source> (0 buttery, 1 a hard point)</source>
        <translation> (0 butterweich, 1 harte Spitze)</translation>
    </message>
    <message>
        <source>Put it into the drawer</source>
        <translation>In die Schublade legen</translation>
    </message>
    <message>
        <source>Take these changes</source>
        <translation>Diese Änderungen übernehmen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>several</source>
        <translation>mehrere</translation>
    </message>
    <message>
        <source>Surface</source>
        <translation>Oberfläche</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Verträgt</translation>
    </message>
    <message>
        <source>Tooth holds</source>
        <translation>Zahn fasst</translation>
    </message>
    <message>
        <source>Takes off a stick</source>
        <translation>Nimmt von der Kreide</translation>
    </message>
    <message>
        <source>Sheet, width</source>
        <translation>Bogen, Breite</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Sheet, height</source>
        <translation>Bogen, Höhe</translation>
    </message>
    <message>
        <source>Sheets at hand</source>
        <translation>Bogen zur Hand</translation>
    </message>
    <message>
        <source>Fibres run</source>
        <translation>Fasern laufen</translation>
    </message>
    <message>
        <source>no other</source>
        <translation>keine andere</translation>
    </message>
    <message>
        <source>Other side of</source>
        <translation>Rückseite von</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Pick from a photograph…</source>
        <translation>Aus einem Foto aufnehmen …</translation>
    </message>
    <message>
        <source>Colour row</source>
        <translation>Farbreihe</translation>
    </message>
    <message>
        <source>#rrggbb</source>
        <translation>#rrggbb</translation>
    </message>
    <message>
        <source>Give it a name by which you will find it again.</source>
        <translation>Geben Sie ihm einen Namen, unter dem Sie es wiederfinden.</translation>
    </message>
</context>
<context>
    <name>app::ThresholdCurve</name>
    <message>
        <source>Thresholds over time</source>
        <translation>Schwellen im Lauf der Zeit</translation>
    </message>
    <message>
        <source>No drawing yet.
Here the curve will stand.</source>
        <translation>Noch keine Zeichnung.
Hier wird die Kurve stehen.</translation>
    </message>
    <message>
        <source>No sitting yet: it takes some 20 to 60 answers, a few minutes.
Here the curve will stand.</source>
        <translation>Noch keine Sitzung: Sie braucht etwa 20 bis 60 Antworten, wenige Minuten.
Hier wird die Kurve stehen.</translation>
    </message>
</context>
<context>
    <name>app::TrayView</name>
    <message>
        <source>Tray</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>value %1 to %2</source>
        <translation>Tonwert %1 bis %2</translation>
    </message>
    <message>
        <source>%1, value %2</source>
        <translation>%1, Tonwert %2</translation>
    </message>
    <message>
        <source>%1, kept in</source>
        <translation>%1, behalten</translation>
    </message>
    <message>
        <source>%1, calls for care</source>
        <translation>%1, verlangt Vorsicht</translation>
    </message>
</context>
<context>
    <name>app::TriadBoard</name>
    <message>
        <source>Dark, medium and light of every area</source>
        <translation>Dunkel, Mittel und Hell jeder Fläche</translation>
    </message>
</context>
<context>
    <name>app::TrialCardSheet</name>
    <message>
        <source>Fields of the card</source>
        <translation>Felder der Karte</translation>
    </message>
    <message>
        <source>expected</source>
        <translation>erwartet</translation>
    </message>
    <message>
        <source>laid</source>
        <translation>gelegt</translation>
    </message>
    <message>
        <source>expected now</source>
        <translation>jetzt erwartet</translation>
    </message>
    <message>
        <source>Trial card: %1</source>
        <translation>Probekarte: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Das Foto wird gelesen.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Karte lesen</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Diese Messungen übernehmen</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>This card is not remembered, and nothing is on the trial sheet: lay the sheet out as it was printed, then read the card.</source>
        <translation>Diese Karte ist nicht mehr bekannt, und auf dem Probeblatt liegt nichts: Legen Sie das Blatt aus, wie es gedruckt wurde, und lesen Sie dann die Karte.</translation>
    </message>
    <message>
        <source>No field of this card differs from the bare paper: lay the strokes, then photograph it.</source>
        <translation>Kein Feld dieser Karte unterscheidet sich vom bloßen Papier: Legen Sie die Striche und fotografieren Sie sie dann.</translation>
    </message>
    <message>
        <source>Read a trial card</source>
        <translation>Probekarte lesen</translation>
    </message>
    <message numerus="yes">
        <source>Taken from the card: %n sticks and papers are known better.</source>
        <translation>
            <numerusform>Von der Karte übernommen: %n Kreide oder Papier ist besser bekannt.</numerusform>
            <numerusform>Von der Karte übernommen: %n Kreiden und Papiere sind besser bekannt.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::TrialWindow</name>
    <message>
        <source>&amp;Sheet</source>
        <translation>&amp;Blatt</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;Karte</translation>
    </message>
    <message>
        <source>Print a trial card to lay for real, A4…</source>
        <translation>Probekarte zum wirklichen Legen drucken, A4 …</translation>
    </message>
    <message>
        <source>The same, Letter…</source>
        <translation>Dasselbe, Letter …</translation>
    </message>
    <message>
        <source>Print a trial card</source>
        <translation>Probekarte drucken</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Karten (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled trial card…</source>
        <translation>Ausgefüllte Probekarte lesen …</translation>
    </message>
    <message>
        <source>Read a filled trial card</source>
        <translation>Ausgefüllte Probekarte lesen</translation>
    </message>
    <message>
        <source>Take all swatches off the card</source>
        <translation>Alle Proben von der Karte nehmen</translation>
    </message>
    <message>
        <source>&amp;Mixture</source>
        <translation>&amp;Mischung</translation>
    </message>
    <message>
        <source>Keep this swatch under a name…</source>
        <translation>Diese Probe unter einem Namen behalten …</translation>
    </message>
    <message>
        <source>Nothing lies on the sheet that could be kept.</source>
        <translation>Auf dem Blatt liegt nichts, was behalten werden könnte.</translation>
    </message>
    <message>
        <source>Keep a mixture</source>
        <translation>Mischung behalten</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>Lay one of your own</source>
        <translation>Eine eigene legen</translation>
    </message>
    <message>
        <source>Give one up</source>
        <translation>Eine aufgeben</translation>
    </message>
    <message>
        <source>Give up the mixture %1</source>
        <translation>Mischung %1 aufgeben</translation>
    </message>
    <message>
        <source>A mixture needs a name.</source>
        <translation>Eine Mischung braucht einen Namen.</translation>
    </message>
    <message>
        <source>This swatch is bare: lay something, then keep it.</source>
        <translation>Diese Probe ist leer: Legen Sie etwas und behalten Sie sie dann.</translation>
    </message>
    <message>
        <source>There is a mixture called %1 already: take another name.</source>
        <translation>Eine Mischung namens %1 gibt es schon: Nehmen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>Keep the mixture %1</source>
        <translation>Mischung %1 behalten</translation>
    </message>
    <message>
        <source>It could not be kept: the drawer cannot be written.</source>
        <translation>Sie konnte nicht behalten werden: Die Schublade ist nicht zu beschreiben.</translation>
    </message>
    <message>
        <source>Kept as %1. Plans lay it where it serves.</source>
        <translation>Behalten als %1. Pläne legen sie, wo sie nützt.</translation>
    </message>
    <message>
        <source>A stick of %1 is not at hand: the study draws from other ones.</source>
        <translation>Eine Kreide von %1 ist nicht zur Hand: Die Studie schöpft aus anderen.</translation>
    </message>
    <message>
        <source>Nothing lies on the sheet: tick some sticks first.</source>
        <translation>Auf dem Blatt liegt nichts: Haken Sie zuerst Kreiden an.</translation>
    </message>
    <message>
        <source>A card has room for %1 swatches, and %2 are on it: take some off with Space.</source>
        <translation>Eine Karte hat Platz für %1 Proben, und %2 sind darauf: Nehmen Sie einige mit der Leertaste weg.</translation>
    </message>
    <message>
        <source>The trial card is in %1. Lay it, photograph it, and read it here.</source>
        <translation>Die Probekarte liegt in %1. Legen Sie sie, fotografieren Sie sie und lesen Sie sie hier.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Ladder of pressures</source>
        <translation>Leiter der Drücke</translation>
    </message>
    <message>
        <source>Each over every other</source>
        <translation>Jede über jeder anderen</translation>
    </message>
    <message>
        <source>One run into another</source>
        <translation>Eine in die andere laufend</translation>
    </message>
    <message>
        <source>The areas&apos; mixtures</source>
        <translation>Die Mischungen der Flächen</translation>
    </message>
    <message>
        <source>Laid out as</source>
        <translation>Ausgelegt als</translation>
    </message>
    <message>
        <source>%1: manner</source>
        <translation>%1: Auftrag</translation>
    </message>
    <message>
        <source>%1: pressure</source>
        <translation>%1: Druck</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Gelegt</translation>
    </message>
    <message>
        <source>Over it</source>
        <translation>Darüber</translation>
    </message>
    <message>
        <source>Find a stick</source>
        <translation>Kreide finden</translation>
    </message>
    <message>
        <source>Sticks that are tried</source>
        <translation>Kreiden, die ausprobiert werden</translation>
    </message>
    <message>
        <source>The plan&apos;s sticks</source>
        <translation>Die Kreiden des Plans</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>No sticks</source>
        <translation>Keine Kreiden</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gesucht</translation>
    </message>
    <message>
        <source>What would come nearer</source>
        <translation>Was näher käme</translation>
    </message>
    <message>
        <source>Lay this</source>
        <translation>Dieses legen</translation>
    </message>
    <message>
        <source>%1 with %2 over it</source>
        <translation>%1 mit %2 darüber</translation>
    </message>
    <message>
        <source>%1 anew: %2</source>
        <translation>%1 neu: %2</translation>
    </message>
    <message>
        <source>; then </source>
        <translation>; dann </translation>
    </message>
    <message>
        <source>A swatch has room for %1 strokes.</source>
        <translation>Eine Probe hat Platz für %1 Striche.</translation>
    </message>
    <message>
        <source>Trial sheet · Yawning Dune</source>
        <translation>Probeblatt · Yawning Dune</translation>
    </message>
    <message>
        <source>No colour</source>
        <translation>Keine Farbe</translation>
    </message>
    <message>
        <source>Where it is picked</source>
        <translation>Wo sie aufgenommen ist</translation>
    </message>
    <message>
        <source>What is tried</source>
        <translation>Was ausprobiert wird</translation>
    </message>
    <message>
        <source>best first:</source>
        <translation>beste zuerst:</translation>
    </message>
    <message>
        <source>over them:</source>
        <translation>darüber:</translation>
    </message>
    <message>
        <source>each comes over:</source>
        <translation>jede kommt über:</translation>
    </message>
    <message>
        <source>pressed:</source>
        <translation>gedrückt:</translation>
    </message>
    <message>
        <source>A sheet has room for %1 sticks: take one off first.</source>
        <translation>Ein Blatt hat Platz für %1 Kreiden: Nehmen Sie zuerst eine weg.</translation>
    </message>
    <message>
        <source>How the sheet is laid out</source>
        <translation>Wie das Blatt ausgelegt ist</translation>
    </message>
    <message>
        <source>Strokes of a swatch</source>
        <translation>Striche einer Probe</translation>
    </message>
    <message>
        <source>Open a study first: these are mixtures for the areas of its subject.</source>
        <translation>Öffnen Sie zuerst eine Studie: Dies sind Mischungen für die Flächen ihres Motivs.</translation>
    </message>
    <message>
        <source>Mixtures are being looked for.</source>
        <translation>Mischungen werden gesucht.</translation>
    </message>
    <message>
        <source>The best mixtures of every area</source>
        <translation>Die besten Mischungen jeder Fläche</translation>
    </message>
    <message>
        <source>Trial sheet</source>
        <translation>Probeblatt</translation>
    </message>
    <message>
        <source>Tick sticks at the left, and see how they look over each other on this paper before any is laid for real.</source>
        <translation>Haken Sie links Kreiden an und sehen Sie, wie sie auf diesem Papier übereinander aussehen, ehe eine wirklich gelegt wird.</translation>
    </message>
    <message>
        <source>Pick a colour of the subject, and the sheet says which strokes come nearest to it.</source>
        <translation>Nehmen Sie eine Farbe des Motivs auf, und das Blatt sagt, welche Striche ihr am nächsten kommen.</translation>
    </message>
    <message>
        <source>The mixture, from the paper up</source>
        <translation>Die Mischung, vom Papier nach oben</translation>
    </message>
    <message>
        <source>With the next stroke, from the paper up</source>
        <translation>Mit dem nächsten Strich, vom Papier nach oben</translation>
    </message>
    <message>
        <source>The swatch, from the paper up</source>
        <translation>Die Probe, vom Papier nach oben</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Space puts this swatch onto the card that is laid for real.</source>
        <translation>Die Leertaste setzt diese Probe auf die Karte, die wirklich gelegt wird.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches are on the card that is laid for real.</source>
        <translation>
            <numerusform>%n Probe ist auf der Karte, die wirklich gelegt wird.</numerusform>
            <numerusform>%n Proben sind auf der Karte, die wirklich gelegt wird.</numerusform>
        </translation>
    </message>
    <message>
        <source>The paper that is tried on.</source>
        <translation>Das Papier, auf dem probiert wird.</translation>
    </message>
    <message>
        <source>What lies in the columns and rows.</source>
        <translation>Was in den Spalten und Zeilen liegt.</translation>
    </message>
    <message>
        <source>How it is laid.</source>
        <translation>Wie er gelegt wird.</translation>
    </message>
    <message>
        <source>How hard, by half steps.</source>
        <translation>Wie kräftig, in halben Stufen.</translation>
    </message>
    <message>
        <source>Shows only sticks that have these words.</source>
        <translation>Zeigt nur Kreiden mit diesen Wörtern.</translation>
    </message>
    <message>
        <source>Tries the sticks of the plan.</source>
        <translation>Probiert die Kreiden des Plans.</translation>
    </message>
    <message>
        <source>Takes all sticks off.</source>
        <translation>Nimmt alle Kreiden weg.</translation>
    </message>
    <message>
        <source>The colour that swatches are held against: an area, or one picked in the subject.</source>
        <translation>Die Farbe, gegen die Proben gehalten werden: eine Fläche, oder eine im Motiv aufgenommene.</translation>
    </message>
    <message>
        <source>Lays the offer that is chosen onto the sheet.</source>
        <translation>Legt den gewählten Vorschlag auf das Blatt.</translation>
    </message>
</context>
<context>
    <name>app::UnderpaintingStation</name>
    <message>
        <source>Wash board</source>
        <translation>Lavierbrett</translation>
    </message>
    <message>
        <source>%1 · laid</source>
        <translation>%1 · gelegt</translation>
    </message>
    <message>
        <source>The wash board</source>
        <translation>Das Lavierbrett</translation>
    </message>
    <message>
        <source>each way&apos;s ground, and what it ends in</source>
        <translation>jede Art mit ihrem Grund, und worin sie endet</translation>
    </message>
    <message>
        <source>Ground alone</source>
        <translation>Grund allein</translation>
    </message>
    <message>
        <source>Beside what is laid</source>
        <translation>Neben dem Gelegten</translation>
    </message>
    <message>
        <source>Left of the line what is laid, right of it what is looked at; a click moves the line.</source>
        <translation>Links der Linie, was gelegt ist, rechts, was betrachtet wird; ein Klick verschiebt die Linie.</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Drying</source>
        <translation>Trocknen</translation>
    </message>
    <message>
        <source>as the whole picture</source>
        <translation>wie das ganze Bild</translation>
    </message>
    <message>
        <source>Under this area</source>
        <translation>Unter dieser Fläche</translation>
    </message>
    <message>
        <source>Mix by hand…</source>
        <translation>Von Hand mischen …</translation>
    </message>
    <message>
        <source>Click an area first.</source>
        <translation>Klicken Sie zuerst auf eine Fläche.</translation>
    </message>
    <message>
        <source>Take the best</source>
        <translation>Das Beste nehmen</translation>
    </message>
    <message>
        <source>Lay this ground</source>
        <translation>Diesen Grund legen</translation>
    </message>
    <message>
        <source>Underpainting</source>
        <translation>Untermalung</translation>
    </message>
    <message>
        <source>Underpainting of an area</source>
        <translation>Untermalung einer Fläche</translation>
    </message>
    <message>
        <source>Ground mixed by hand</source>
        <translation>Grund von Hand gemischt</translation>
    </message>
    <message>
        <source>cannot be had here</source>
        <translation>hier nicht zu haben</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers less</source>
        <translation>
            <numerusform>%1, %n Schicht weniger</numerusform>
            <numerusform>%1, %n Schichten weniger</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, no gain (quick)</source>
        <translation>%1, kein Gewinn (schnell)</translation>
    </message>
    <message>
        <source>%1, gains nothing</source>
        <translation>%1, gewinnt nichts</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>noch nicht gewählt</translation>
    </message>
    <message>
        <source>by area</source>
        <translation>nach Flächen</translation>
    </message>
    <message>
        <source>The ground: %1</source>
        <translation>Der Grund: %1</translation>
    </message>
    <message>
        <source>The sheet over: %1</source>
        <translation>Das Blatt darüber: %1</translation>
    </message>
    <message>
        <source>A quick plan over: %1</source>
        <translation>Ein schneller Plan darüber: %1</translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation>endet %1</translation>
    </message>
    <message>
        <source>Left %1, right %2</source>
        <translation>Links %1, rechts %2</translation>
    </message>
    <message>
        <source>The ways to begin, each tried to its end with your sticks, the best for your goal first. A click looks at one large; lay it, take the best, or click an area and give it a ground of its own.</source>
        <translation>Die Arten zu beginnen, jede mit Ihren Kreiden bis zum Ende erprobt, die beste für Ihr Ziel zuerst. Ein Klick zeigt eine groß; legen Sie sie, nehmen Sie die beste, oder klicken Sie auf eine Fläche und geben Sie ihr einen eigenen Grund.</translation>
    </message>
    <message>
        <source>Its layers, wet above, dry below</source>
        <translation>Seine Schichten, oben nass, unten trocken</translation>
    </message>
    <message>
        <source>Its layers</source>
        <translation>Seine Schichten</translation>
    </message>
    <message>
        <source>%1, under %2: %3</source>
        <translation>%1, unter %2: %3</translation>
    </message>
    <message>
        <source>The ways to begin are tried as soon as the subject is read.</source>
        <translation>Die Arten zu beginnen werden erprobt, sobald das Motiv gelesen ist.</translation>
    </message>
    <message>
        <source>It is laid because it serves best.</source>
        <translation>Er ist gelegt, weil er am besten dient.</translation>
    </message>
    <message>
        <source>You have laid it.</source>
        <translation>Sie haben ihn gelegt.</translation>
    </message>
    <message>
        <source>The whole plan over it ends %1.</source>
        <translation>Der ganze Plan darüber endet %1.</translation>
    </message>
    <message>
        <source>It is being tried.</source>
        <translation>Es wird erprobt.</translation>
    </message>
    <message>
        <source>Score %1 of 100: %2.</source>
        <translation>%1 von 100 Punkten: %2.</translation>
    </message>
    <message>
        <source>It glints through most in %1: %2 % of its light comes through there.</source>
        <translation>Er schimmert am meisten durch in %1: %2 % seines Lichts kommen dort hindurch.</translation>
    </message>
    <message>
        <source>It dries in %1 (common practice).</source>
        <translation>Er trocknet in %1 (übliche Praxis).</translation>
    </message>
    <message>
        <source>In all some %1 to lay; the tooth is %2 % used at the end, %3 % where it is used most.</source>
        <translation>Im Ganzen etwa %1 zu legen; der Zahn ist am Ende zu %2 % verbraucht, zu %3 %, wo am meisten.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Shows the ground that is looked at without what goes over it.</source>
        <translation>Zeigt den betrachteten Grund ohne das, was darüberkommt.</translation>
    </message>
    <message>
        <source>How washes are dried: their waiting times follow from it.</source>
        <translation>Wie Lavierungen getrocknet werden: Daraus folgen ihre Wartezeiten.</translation>
    </message>
    <message>
        <source>A ground of its own for the area that is chosen.</source>
        <translation>Ein eigener Grund für die gewählte Fläche.</translation>
    </message>
    <message>
        <source>Leaves the ground to the plan, which lays what serves best for your goal.</source>
        <translation>Überlässt den Grund dem Plan, der legt, was Ihrem Ziel am besten dient.</translation>
    </message>
    <message>
        <source>Lays the ground that is looked at, under the whole picture.</source>
        <translation>Legt den betrachteten Grund unter das ganze Bild.</translation>
    </message>
</context>
<context>
    <name>app::UnsavedSheet</name>
    <message>
        <source>Work that was not saved</source>
        <translation>Arbeit, die nicht gesichert wurde</translation>
    </message>
    <message>
        <source>The program ended before these choices were saved. What you leave is offered again at the next start.</source>
        <translation>Das Programm endete, ehe diese Entscheidungen gesichert waren. Was Sie liegen lassen, wird beim nächsten Start wieder angeboten.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>The sheet of %1</source>
        <translation>Das Blatt von %1</translation>
    </message>
    <message>
        <source>%1
Choices: %2, last written %3</source>
        <translation>%1
Entscheidungen: %2, zuletzt geschrieben %3</translation>
    </message>
    <message>
        <source>A study without a title</source>
        <translation>Eine Studie ohne Titel</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Throw it away</source>
        <translation>Wegwerfen</translation>
    </message>
</context>
<context>
    <name>app::ValuesStation</name>
    <message>
        <source>The value ladder</source>
        <translation>Die Tonwertleiter</translation>
    </message>
    <message>
        <source>each mass on its rung</source>
        <translation>jede Masse auf ihrer Sprosse</translation>
    </message>
    <message>
        <source>Ladder</source>
        <translation>Leiter</translation>
    </message>
    <message>
        <source>The masses on their rungs, and where they part</source>
        <translation>Die Massen auf ihren Sprossen, und wo sie sich trennen</translation>
    </message>
    <message>
        <source>Groupings</source>
        <translation>Gruppierungen</translation>
    </message>
    <message>
        <source>Other ways to group the values, side by side</source>
        <translation>Andere Arten, die Tonwerte zu gruppieren, nebeneinander</translation>
    </message>
    <message>
        <source>Colour choices</source>
        <translation>Farbentscheidungen</translation>
    </message>
    <message>
        <source>What is changed on purpose, before and after</source>
        <translation>Was mit Absicht geändert wird, vorher und nachher</translation>
    </message>
    <message>
        <source>Value steps</source>
        <translation>Tonwertstufen</translation>
    </message>
    <message>
        <source>Part them exactly</source>
        <translation>Genau trennen</translation>
    </message>
    <message>
        <source>Puts the marks where the squared distance from the subject is the least.</source>
        <translation>Setzt die Marken dahin, wo der quadrierte Abstand vom Motiv am kleinsten ist.</translation>
    </message>
    <message>
        <source>Squint</source>
        <translation>Kneifen</translation>
    </message>
    <message>
        <source>1 is black</source>
        <translation>1 ist schwarz</translation>
    </message>
    <message>
        <source>1 is white</source>
        <translation>1 ist weiß</translation>
    </message>
    <message>
        <source>Counting</source>
        <translation>Zählung</translation>
    </message>
    <message>
        <source>Where the masses part</source>
        <translation>Wo die Massen sich trennen</translation>
    </message>
    <message>
        <source>Masses parted exactly</source>
        <translation>Massen genau getrennt</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>noch nicht gelesen</translation>
    </message>
    <message>
        <source>Subject, as it is meant to be</source>
        <translation>Motiv, wie es gemeint ist</translation>
    </message>
    <message>
        <source>Subject, %1 value masses</source>
        <translation>Motiv, %1 Tonwertmassen</translation>
    </message>
    <message>
        <source>strongest contrast</source>
        <translation>stärkster Kontrast</translation>
    </message>
    <message>
        <source>The subject is %1: its masses span %2 steps of the ladder.</source>
        <translation>Das Motiv ist %1: Seine Massen umspannen %2 Stufen der Leiter.</translation>
    </message>
    <message>
        <source>%1 % of the picture is dark, %2 % medium and %3 % light (parted at %4 and %5).</source>
        <translation>%1 % des Bildes sind dunkel, %2 % mittel und %3 % hell (getrennt bei %4 und %5).</translation>
    </message>
    <message>
        <source>Say under Subject, Areas, what the picture is about: then the strongest contrast is held against it.</source>
        <translation>Sagen Sie unter Motiv, Flächen, wovon das Bild handelt: Dann wird der stärkste Kontrast dagegengehalten.</translation>
    </message>
    <message>
        <source>The masses part where the squared distance from the subject is the least possible; small islands are given to their neighbours. Drag the marks to part them elsewhere.</source>
        <translation>Die Massen trennen sich, wo der quadrierte Abstand vom Motiv der kleinstmögliche ist; kleine Inseln werden ihren Nachbarn gegeben. Ziehen Sie die Marken, um sie anderswo zu trennen.</translation>
    </message>
    <message>
        <source>The masses part where you put the marks.</source>
        <translation>Die Massen trennen sich, wo Sie die Marken setzen.</translation>
    </message>
    <message>
        <source>The mass in the frame stands at value %1 and holds %2 % of the picture.</source>
        <translation>Die eingerahmte Masse steht bei Tonwert %1 und nimmt %2 % des Bildes ein.</translation>
    </message>
    <message>
        <source>The range is narrow: a picture of so few steps reads flat unless edges or colour carry it.</source>
        <translation>Der Umfang ist eng: Ein Bild aus so wenigen Stufen wirkt flach, wenn Kanten oder Farbe es nicht tragen.</translation>
    </message>
    <message>
        <source>The masses of light and dark stand on the nine rungs of the ladder. Hold Q to squint and W to see values only; drag the marks where the masses should part otherwise.</source>
        <translation>Die Massen von Licht und Dunkel stehen auf den neun Sprossen der Leiter. Halten Sie Q, um die Augen zusammenzukneifen, und W, um nur Tonwerte zu sehen; ziehen Sie die Marken, wo die Massen sich anders trennen sollen.</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>The values are read as soon as there is a picture.</source>
        <translation>Die Tonwerte werden gelesen, sobald ein Bild da ist.</translation>
    </message>
    <message>
        <source>How many masses of value the subject is read in.</source>
        <translation>In wie vielen Tonwertmassen das Motiv gelesen wird.</translation>
    </message>
    <message>
        <source>How far the eyes are closed: small things melt into their masses.</source>
        <translation>Wie weit die Augen geschlossen sind: Kleines verschmilzt mit seiner Masse.</translation>
    </message>
    <message>
        <source>Whether black or white is counted as 1.</source>
        <translation>Ob Schwarz oder Weiß als 1 zählt.</translation>
    </message>
</context>
<context>
    <name>app::Wakefulness</name>
    <message>
        <source>Work at the easel</source>
        <translation>Arbeit an der Staffelei</translation>
    </message>
</context>
<context>
    <name>app::WayLeaf</name>
    <message>
        <source>Plan new pictures for my touch</source>
        <translation>Neue Bilder für meinen Strich planen</translation>
    </message>
    <message>
        <source>How much your hand lays and covers, in the mean of what was checked, is what later plans reckon with; this sheet too as long as it is not begun.</source>
        <translation>Wie viel Ihre Hand legt und deckt, im Mittel dessen, was geprüft wurde, damit rechnen spätere Pläne; auch dieses Blatt, solange es nicht begonnen ist.</translation>
    </message>
    <message>
        <source>Touch</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>What your hand tends to do</source>
        <translation>Wozu Ihre Hand neigt</translation>
    </message>
    <message>
        <source>That is told once a photograph of the work has been kept.</source>
        <translation>Das ist zu lesen, sobald ein Foto der Arbeit behalten wurde.</translation>
    </message>
    <message>
        <source>Nothing more that chance would not explain.</source>
        <translation>Nichts weiter, was nicht der Zufall erklärte.</translation>
    </message>
</context>
<context>
    <name>app::WayStrip</name>
    <message>
        <source>%1, step %2</source>
        <translation>%1, Schritt %2</translation>
    </message>
    <message>
        <source>The way to the goal</source>
        <translation>Der Weg zum Ziel</translation>
    </message>
    <message>
        <source>No photograph of this sheet has been kept by Check yet.</source>
        <translation>Noch hat Prüfen kein Foto dieses Blattes behalten.</translation>
    </message>
    <message>
        <source>the plan comes to %1</source>
        <translation>der Plan kommt auf %1</translation>
    </message>
</context>
<context>
    <name>drawing</name>
    <message>
        <source>a quarter of the tooth</source>
        <translation>ein Viertel des Zahns</translation>
    </message>
    <message>
        <source>half of the tooth</source>
        <translation>die Hälfte des Zahns</translation>
    </message>
    <message>
        <source>three quarters of the tooth</source>
        <translation>drei Viertel des Zahns</translation>
    </message>
    <message>
        <source>here the tooth ends</source>
        <translation>hier endet der Zahn</translation>
    </message>
</context>
<context>
    <name>print</name>
    <message>
        <source>%1: %2 (%3)</source>
        <translation>%1: %2 (%3)</translation>
    </message>
    <message>
        <source>%1: fix an offcut of %2 × %3 mm over this frame, right side up</source>
        <translation>%1: einen Abschnitt von %2 × %3 mm über diesem Rahmen befestigen, richtige Seite oben</translation>
    </message>
    <message>
        <source>Which stick each letter is stands on the page that goes with this window.</source>
        <translation>Welche Kreide jeder Buchstabe ist, steht auf der Seite, die zu diesem Fenster gehört.</translation>
    </message>
    <message>
        <source>%1 nothing</source>
        <translation>%1 nichts</translation>
    </message>
    <message>
        <source>%1. Print at full size. Lay each field as the ticks and the words beside it say. %2</source>
        <translation>%1. In voller Größe drucken. Jedes Feld legen, wie die Striche und die Worte daneben sagen. %2</translation>
    </message>
    <message>
        <source>Pressure: 1 light, 2 medium, 3 heavy.</source>
        <translation>Druck: 1 leicht, 2 mittel, 3 kräftig.</translation>
    </message>
    <message>
        <source>Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it.</source>
        <translation>Die ganze Karte flach fotografieren, am Fenster, ohne Blitz. Staub abklopfen, nie pusten.</translation>
    </message>
    <message>
        <source>%1: what should be seen. This page is not photographed.</source>
        <translation>%1: was zu sehen sein sollte. Diese Seite wird nicht fotografiert.</translation>
    </message>
    <message>
        <source>The colours above are as this printer makes them; the words are what counts. %1</source>
        <translation>Die Farben oben sind, wie dieser Drucker sie macht; es zählen die Worte. %1</translation>
    </message>
    <message>
        <source>Paper: %1</source>
        <translation>Papier: %1</translation>
    </message>
    <message>
        <source>%1, to step %2</source>
        <translation>%1, bis Schritt %2</translation>
    </message>
    <message>
        <source>Layer plan</source>
        <translation>Schichtenplan</translation>
    </message>
    <message>
        <source>%1 on %2. %3, %4, %5.</source>
        <translation>%1 auf %2. %3, %4, %5.</translation>
    </message>
    <message>
        <source>The reference</source>
        <translation>Die Vorlage</translation>
    </message>
    <message>
        <source>The sheet as predicted under %1, all steps done</source>
        <translation>Das Blatt, wie unter %1 vorausberechnet, alle Schritte getan</translation>
    </message>
    <message>
        <source>The finished sheet is %1. Nineteen twentieths of it are within %2, with half-closed eyes the mean is %3. With an unsteady hand the tones stay within %4 in the mean; the nearest single sticks would leave %5.</source>
        <translation>Das fertige Blatt ist %1. Neunzehn Zwanzigstel davon liegen innerhalb von %2, mit halb geschlossenen Augen ist das Mittel %3. Bei unruhiger Hand bleiben die Töne im Mittel innerhalb von %4; die nächsten einzelnen Kreiden ließen %5.</translation>
    </message>
    <message>
        <source>Pull these</source>
        <translation>Diese heraussuchen</translation>
    </message>
    <message>
        <source>  (toxic)</source>
        <translation>  (giftig)</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>After the %1</source>
        <translation>Nach: %1</translation>
    </message>
    <message>
        <source>Steps %1 to %2, %3. The sheet is then %4 ΔE00 from the reference, as the eye sees both.</source>
        <translation>Schritte %1 bis %2, %3. Das Blatt ist dann %4 ΔE00 von der Vorlage entfernt, wie das Auge beide sieht.</translation>
    </message>
    <message>
        <source>The section</source>
        <translation>Der Schnitt</translation>
    </message>
    <message>
        <source>A cut through the sheet: the areas side by side from the darkest to the lightest, each as wide as its share and its places from dark to light; bands for its layers, from the paper up, as thick as the pressure lays them.</source>
        <translation>Ein Schnitt durch das Blatt: die Flächen nebeneinander von der dunkelsten zur hellsten, jede so breit wie ihr Anteil und ihre Stellen von dunkel nach hell; Bänder für ihre Schichten, vom Papier nach oben, so dick, wie der Druck sie legt.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>A few light lines.</source>
        <translation>Ein paar leichte Linien.</translation>
    </message>
    <message>
        <source>As the map shows: pale is light, dark is heavy.</source>
        <translation>Wie die Karte zeigt: blass ist leicht, dunkel ist kräftig.</translation>
    </message>
    <message>
        <source>%1, then wait %2.</source>
        <translation>%1, dann %2 warten.</translation>
    </message>
    <message>
        <source>Why: %1.</source>
        <translation>Warum: %1.</translation>
    </message>
    <message>
        <source>Evening %1 of %2</source>
        <translation>Abend %1 von %2</translation>
    </message>
    <message>
        <source>Steps %1 to %2, %3. Lay out: %4.</source>
        <translation>Schritte %1 bis %2, %3. Auslegen: %4.</translation>
    </message>
    <message>
        <source>The steps</source>
        <translation>Die Schritte</translation>
    </message>
    <message>
        <source>What to mind, and safety</source>
        <translation>Was zu beachten ist, und Sicherheit</translation>
    </message>
    <message>
        <source>Ask a professional about questions of health.</source>
        <translation>Fragen Sie bei Gesundheitsfragen eine Fachperson.</translation>
    </message>
    <message>
        <source>Practice from %1 to %2</source>
        <translation>Übung vom %1 bis %2</translation>
    </message>
    <message>
        <source>No exercise was answered in this week.</source>
        <translation>In dieser Woche wurde keine Übung beantwortet.</translation>
    </message>
    <message>
        <source>Answers: %1, of which right: %2.</source>
        <translation>Antworten: %1, davon richtig: %2.</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Als Nächstes</translation>
    </message>
    <message>
        <source>%1, on %2</source>
        <translation>%1, am %2</translation>
    </message>
    <message>
        <source>You tell %1 apart.</source>
        <translation>Sie unterscheiden %1.</translation>
    </message>
    <message>
        <source>You tell %1 apart; the week before it was %2.</source>
        <translation>Sie unterscheiden %1; in der Woche davor waren es %2.</translation>
    </message>
    <message>
        <source>On %1; %2 at the easel, in %3.</source>
        <translation>%1; %2 an der Staffelei; %3.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Was gebraucht wurde</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>Print at full size. Lay each stick light, medium and heavy, half over the paper and half over the black.</source>
        <translation>In voller Größe drucken. Jede Kreide leicht, mittel und kräftig legen, halb auf das Papier und halb auf das Schwarz.</translation>
    </message>
    <message>
        <source>light</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>kräftig</translation>
    </message>
    <message>
        <source>Which row is what. Of a paper lay an offcut over its whole row. This page is not photographed.</source>
        <translation>Welche Reihe was ist. Von einem Papier einen Abschnitt über seine ganze Reihe legen. Diese Seite wird nicht fotografiert.</translation>
    </message>
</context>
<context>
    <name>wording</name>
    <message>
        <source>Dark to light</source>
        <translation>Dunkel nach hell</translation>
    </message>
    <message>
        <source>Each area is laid from its darkest stick to its lightest.</source>
        <translation>Jede Fläche wird von ihrer dunkelsten zu ihrer hellsten Kreide gelegt.</translation>
    </message>
    <message>
        <source>Light base first</source>
        <translation>Helle Basis zuerst</translation>
    </message>
    <message>
        <source>Each area begins with its lightest stick, and the darks are laid over it.</source>
        <translation>Jede Fläche beginnt mit ihrer hellsten Kreide, und die Dunkelheiten werden darübergelegt.</translation>
    </message>
    <message>
        <source>Background first</source>
        <translation>Hintergrund zuerst</translation>
    </message>
    <message>
        <source>What lies behind is laid before what overlaps it.</source>
        <translation>Was hinten liegt, wird vor dem gelegt, was es überschneidet.</translation>
    </message>
    <message>
        <source>Focal feature first</source>
        <translation>Blickpunkt zuerst</translation>
    </message>
    <message>
        <source>What the picture is about is finished first, and all else is tuned to it.</source>
        <translation>Wovon das Bild handelt, wird zuerst fertig, und alles andere darauf abgestimmt.</translation>
    </message>
    <message>
        <source>Hard to soft</source>
        <translation>Hart nach weich</translation>
    </message>
    <message>
        <source>Hard points go under soft sticks wherever they would not hold the other way round.</source>
        <translation>Harte Spitzen kommen unter weiche Kreiden, wo sie umgekehrt nicht halten würden.</translation>
    </message>
    <message>
        <source>Soft base, pencils over</source>
        <translation>Weiche Basis, Stifte darüber</translation>
    </message>
    <message>
        <source>A thin base of soft pastel is rubbed in, and everything over it is pencil or hard stick.</source>
        <translation>Eine dünne Basis aus Softpastell wird eingerieben, und alles darüber ist Stift oder harte Kreide.</translation>
    </message>
    <message>
        <source>Sparingly</source>
        <translation>Sparsam</translation>
    </message>
    <message>
        <source>A layer is blended only where that betters its area clearly.</source>
        <translation>Eine Schicht wird nur verwischt, wo das ihre Fläche deutlich bessert.</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Glatt</translation>
    </message>
    <message>
        <source>Layers are blended with sponge, finger, stump or shaper wherever it serves; light areas before dark ones, never across an edge.</source>
        <translation>Schichten werden mit Schwamm, Finger, Estompe oder Gummiformer verwischt, wo es nützt; helle Flächen vor dunklen, nie über eine Kante.</translation>
    </message>
    <message>
        <source>Strokes kept</source>
        <translation>Striche bleiben</translation>
    </message>
    <message>
        <source>Everything is hatched: the colours stay apart, and mix in the eye.</source>
        <translation>Alles wird schraffiert: Die Farben bleiben getrennt und mischen sich im Auge.</translation>
    </message>
    <message>
        <source>Last, in the darks</source>
        <translation>Zuletzt, in den Tiefen</translation>
    </message>
    <message>
        <source>Black goes on last, only in the darks, and is never blended.</source>
        <translation>Schwarz kommt zuletzt, nur in die Tiefen, und wird nie verwischt.</translation>
    </message>
    <message>
        <source>Never</source>
        <translation>Nie</translation>
    </message>
    <message>
        <source>No black is used: the darks are mixed.</source>
        <translation>Kein Schwarz wird gebraucht: Die Tiefen werden gemischt.</translation>
    </message>
    <message>
        <source>Freely</source>
        <translation>Frei</translation>
    </message>
    <message>
        <source>Black is used like any other stick.</source>
        <translation>Schwarz wird wie jede andere Kreide gebraucht.</translation>
    </message>
    <message>
        <source>Between layers</source>
        <translation>Zwischen Schichten</translation>
    </message>
    <message>
        <source>Fixative goes between layers where the tooth wants it back.</source>
        <translation>Fixativ kommt zwischen Schichten, wo der Zahn es zurückhaben will.</translation>
    </message>
    <message>
        <source>Only to darken</source>
        <translation>Nur zum Abdunkeln</translation>
    </message>
    <message>
        <source>Fixative is used only where it darkens towards what is wanted.</source>
        <translation>Fixativ wird nur gebraucht, wo es in die gewünschte Richtung abdunkelt.</translation>
    </message>
    <message>
        <source>No fixative: pressure and layers are kept within the tooth.</source>
        <translation>Kein Fixativ: Druck und Schichten bleiben innerhalb des Zahns.</translation>
    </message>
    <message>
        <source>Faithful</source>
        <translation>Getreu</translation>
    </message>
    <message>
        <source>Colours are those of the reference.</source>
        <translation>Die Farben sind die der Vorlage.</translation>
    </message>
    <message>
        <source>Pushed</source>
        <translation>Gesteigert</translation>
    </message>
    <message>
        <source>Colours are meant stronger than in the reference, and contrast a little too: the picture has to compete with life. The difference is then told from these.</source>
        <translation>Die Farben sind stärker gemeint als in der Vorlage, und auch der Kontrast ein wenig: Das Bild muss sich gegen das Leben behaupten. Der Abstand wird dann von diesen angegeben.</translation>
    </message>
    <message>
        <source>As they are</source>
        <translation>Wie sie sind</translation>
    </message>
    <message>
        <source>The highest lights are those of the reference.</source>
        <translation>Die höchsten Lichter sind die der Vorlage.</translation>
    </message>
    <message>
        <source>A little stronger</source>
        <translation>Etwas stärker</translation>
    </message>
    <message>
        <source>The highest lights are meant half a step lighter.</source>
        <translation>Die höchsten Lichter sind eine halbe Stufe heller gemeint.</translation>
    </message>
    <message>
        <source>Whole picture at once</source>
        <translation>Ganzes Bild zugleich</translation>
    </message>
    <message>
        <source>Every area is blocked in before any is built up.</source>
        <translation>Jede Fläche wird angelegt, ehe eine aufgebaut wird.</translation>
    </message>
    <message>
        <source>Area by area</source>
        <translation>Fläche für Fläche</translation>
    </message>
    <message>
        <source>One area is finished before the next is begun.</source>
        <translation>Eine Fläche wird fertig, ehe die nächste beginnt.</translation>
    </message>
    <message>
        <source>Value order</source>
        <translation>Reihenfolge der Tonwerte</translation>
    </message>
    <message>
        <source>What first</source>
        <translation>Was zuerst</translation>
    </message>
    <message>
        <source>Hard and soft</source>
        <translation>Hart und weich</translation>
    </message>
    <message>
        <source>Blending</source>
        <translation>Verwischen</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>Underpainting</source>
        <translation>Untermalung</translation>
    </message>
    <message>
        <source>Fixative</source>
        <translation>Fixativ</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Highlights</source>
        <translation>Glanzlichter</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Auf dem Blatt</translation>
    </message>
    <message>
        <source>Landscape, dark to light</source>
        <translation>Landschaft, dunkel nach hell</translation>
    </message>
    <message>
        <source>Animal in pencil, light base, eyes first</source>
        <translation>Tier in Stift, helle Basis, Augen zuerst</translation>
    </message>
    <message>
        <source>Figure, hatched</source>
        <translation>Figur, schraffiert</translation>
    </message>
    <message>
        <source>Portrait, blended</source>
        <translation>Porträt, verwischt</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 weiter</translation>
    </message>
    <message>
        <source>%1 nearer</source>
        <translation>%1 näher</translation>
    </message>
    <message numerus="yes">
        <source>%1 layers</source>
        <comment>more or fewer</comment>
        <translation>
            <numerusform>%1 Schicht</numerusform>
            <numerusform>%1 Schichten</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>changes no figure</source>
        <translation>ändert keine Zahl</translation>
    </message>
    <message>
        <source>%1 mm too low</source>
        <translation>%1 mm zu tief</translation>
    </message>
    <message>
        <source>%1 mm too high</source>
        <translation>%1 mm zu hoch</translation>
    </message>
    <message>
        <source>%1 mm too far right</source>
        <translation>%1 mm zu weit rechts</translation>
    </message>
    <message>
        <source>%1 mm too far left</source>
        <translation>%1 mm zu weit links</translation>
    </message>
    <message>
        <source>in its place</source>
        <translation>an seinem Ort</translation>
    </message>
    <message>
        <source>Lay other layers</source>
        <translation>Andere Schichten legen</translation>
    </message>
    <message>
        <source>Lift first</source>
        <translation>Zuerst abheben</translation>
    </message>
    <message>
        <source>Fix it darker first</source>
        <translation>Zuerst dunkler fixieren</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>place by place it comes to %1</source>
        <translation>Stelle für Stelle kommt es auf %1</translation>
    </message>
    <message>
        <source>Leave out a layer that is left: %1.</source>
        <translation>Eine noch übrige Schicht weglassen: %1.</translation>
    </message>
    <message>
        <source>Lay %1: %2.</source>
        <translation>%1 legen: %2.</translation>
    </message>
    <message>
        <source>Lift what lies loose, then go on as planned: %1.</source>
        <translation>Abheben, was lose liegt, dann weiter wie geplant: %1.</translation>
    </message>
    <message>
        <source>Lift what lies loose, then lay %1: %2.</source>
        <translation>Abheben, was lose liegt, dann %1 legen: %2.</translation>
    </message>
    <message>
        <source>Fix it, which darkens it and gives tooth back: %1.</source>
        <translation>Fixieren, was abdunkelt und Zahn zurückgibt: %1.</translation>
    </message>
    <message>
        <source>Fix it, which darkens it and gives tooth back, then lay %1: %2.</source>
        <translation>Fixieren, was abdunkelt und Zahn zurückgibt, dann %1 legen: %2.</translation>
    </message>
    <message>
        <source>Let it be: %1</source>
        <translation>So lassen: %1</translation>
    </message>
    <message>
        <source>Let it be: what is still to be laid brings it from %1 to %2, place by place.</source>
        <translation>So lassen: Was noch zu legen ist, bringt es von %1 auf %2, Stelle für Stelle.</translation>
    </message>
    <message>
        <source>Let it be: place by place it stays %1 off.</source>
        <translation>So lassen: Stelle für Stelle bleibt es %1 entfernt.</translation>
    </message>
    <message>
        <source>lays some %1 % more</source>
        <translation>legt etwa %1 % mehr</translation>
    </message>
    <message>
        <source>lays some %1 % less</source>
        <translation>legt etwa %1 % weniger</translation>
    </message>
    <message>
        <source>covers %1 % more</source>
        <translation>deckt %1 % mehr</translation>
    </message>
    <message>
        <source>covers %1 % less</source>
        <translation>deckt %1 % weniger</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Your hand lays as much as usual.</source>
        <translation>Ihre Hand legt so viel wie üblich.</translation>
    </message>
    <message>
        <source>Your hand %1 than usual; what is left is planned by that.</source>
        <translation>Ihre Hand %1 als üblich; der Rest wird danach geplant.</translation>
    </message>
    <message>
        <source>Your touch is as plans reckon with.</source>
        <translation>Ihr Strich ist, wie Pläne ihn annehmen.</translation>
    </message>
    <message>
        <source>Your hand %1 than usual.</source>
        <translation>Ihre Hand %1 als üblich.</translation>
    </message>
    <message numerus="yes">
        <source>(%n areas)</source>
        <translation>
            <numerusform>(%n Fläche)</numerusform>
            <numerusform>(%n Flächen)</numerusform>
        </translation>
    </message>
    <message>
        <source>In the darks: %1 %2.</source>
        <translation>In den Tiefen: %1 %2.</translation>
    </message>
    <message>
        <source>In the middle tones: %1 %2.</source>
        <translation>In den Mitteltönen: %1 %2.</translation>
    </message>
    <message>
        <source>In the lights: %1 %2.</source>
        <translation>In den Lichtern: %1 %2.</translation>
    </message>
    <message numerus="yes">
        <source>Told from %1 areas of %n kept photographs.</source>
        <translation>
            <numerusform>Aus %1 Flächen von %n behaltenen Foto.</numerusform>
            <numerusform>Aus %1 Flächen von %n behaltenen Fotos.</numerusform>
        </translation>
    </message>
    <message>
        <source>Its leftmost point</source>
        <translation>Der Punkt ganz links</translation>
    </message>
    <message>
        <source>Its rightmost point</source>
        <translation>Der Punkt ganz rechts</translation>
    </message>
    <message>
        <source>Its highest point</source>
        <translation>Der höchste Punkt</translation>
    </message>
    <message>
        <source>Its lowest point</source>
        <translation>Der tiefste Punkt</translation>
    </message>
    <message>
        <source>%1 stands %2 against the %3, with which it should be plumb.</source>
        <translation>%1 steht %2, gemessen an: %3; beide sollten im Lot stehen.</translation>
    </message>
    <message>
        <source>%1 stands %2 against the %3, with which it should be level.</source>
        <translation>%1 steht %2, gemessen an: %3; beide sollten auf gleicher Höhe stehen.</translation>
    </message>
    <message>
        <source>a shadow lies over %1 % of the sheet</source>
        <translation>ein Schatten liegt über %1 % des Blattes</translation>
    </message>
    <message>
        <source>light gleams on %1 % of it</source>
        <translation>Licht glänzt auf %1 % davon</translation>
    </message>
    <message>
        <source>Left out, and hatched: %1. A photograph without it tells more.</source>
        <translation>Weggelassen und schraffiert: %1. Ein Foto ohne das sagt mehr.</translation>
    </message>
    <message>
        <source>The colours are balanced by the grey card; all together they may be off by %1.</source>
        <translation>Die Farben sind nach der Graukarte abgeglichen; alle zusammen können sie um %1 abweichen.</translation>
    </message>
    <message>
        <source>The colours are balanced by the swatch card; all together they may be off by %1.</source>
        <translation>Die Farben sind nach der Farbkarte abgeglichen; alle zusammen können sie um %1 abweichen.</translation>
    </message>
    <message>
        <source>The colours are balanced by the tape; all together they may be off by %1. A grey card beside the sheet makes them surer.</source>
        <translation>Die Farben sind nach dem Klebeband abgeglichen; alle zusammen können sie um %1 abweichen. Eine Graukarte neben dem Blatt macht sie sicherer.</translation>
    </message>
    <message>
        <source>The colours are balanced by the bare paper round the picture; all together they may be off by %1. A grey card beside the sheet makes them surer.</source>
        <translation>Die Farben sind nach dem bloßen Papier um das Bild abgeglichen; alle zusammen können sie um %1 abweichen. Eine Graukarte neben dem Blatt macht sie sicherer.</translation>
    </message>
    <message>
        <source>%1: %2 goes %3 under one layer of %4</source>
        <translation>%1: %2 wird %3 unter einer Schicht %4</translation>
    </message>
    <message>
        <source>%1, and four soft layers do not cover it</source>
        <translation>%1, und vier weiche Schichten decken es nicht</translation>
    </message>
    <message numerus="yes">
        <source>%1; %n soft layers cover it</source>
        <translation>
            <numerusform>%1; %n weiche Schicht deckt es</numerusform>
            <numerusform>%1; %n weiche Schichten decken es</numerusform>
        </translation>
    </message>
    <message>
        <source>as proposed</source>
        <translation>wie vorgeschlagen</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>bloßes Papier</translation>
    </message>
    <message>
        <source>values in one colour</source>
        <translation>Tonwerte in einer Farbe</translation>
    </message>
    <message>
        <source>local washes</source>
        <translation>Lavierungen im Lokalton</translation>
    </message>
    <message>
        <source>complements</source>
        <translation>Komplemente</translation>
    </message>
    <message>
        <source>cool shadows</source>
        <translation>kühle Schatten</translation>
    </message>
    <message>
        <source>warm all over</source>
        <translation>überall warm</translation>
    </message>
    <message>
        <source>ink in the deepest darks</source>
        <translation>Tusche in den tiefsten Tiefen</translation>
    </message>
    <message>
        <source>charcoal tone map</source>
        <translation>Tonplan in Kohle</translation>
    </message>
    <message>
        <source>dry base, rubbed in</source>
        <translation>trockene Basis, eingerieben</translation>
    </message>
    <message>
        <source>pastel brushed out</source>
        <translation>Pastell, ausgepinselt</translation>
    </message>
    <message>
        <source>The way to begin that serves best is taken.</source>
        <translation>Die Art zu beginnen, die am besten dient, wird genommen.</translation>
    </message>
    <message>
        <source>The first stick goes on the bare paper.</source>
        <translation>Die erste Kreide kommt auf das bloße Papier.</translation>
    </message>
    <message>
        <source>One colour in several strengths puts the values down, whatever the hues.</source>
        <translation>Eine Farbe in mehreren Stärken setzt die Tonwerte, gleich welcher Farbton.</translation>
    </message>
    <message>
        <source>A flat tone under each area, its own hue and a step darker, since the layers above lighten it.</source>
        <translation>Ein flacher Ton unter jeder Fläche, ihr eigener Farbton und eine Stufe dunkler, da die Schichten darüber ihn aufhellen.</translation>
    </message>
    <message>
        <source>Under each area lies the opposite of its hue at the same value, to glint between the strokes.</source>
        <translation>Unter jeder Fläche liegt der Gegenton beim selben Tonwert, um zwischen den Strichen zu schimmern.</translation>
    </message>
    <message>
        <source>Blue-violet lies under what is dark; the lights stay bare.</source>
        <translation>Blauviolett liegt unter dem Dunklen; die Lichter bleiben bloß.</translation>
    </message>
    <message>
        <source>One warm orange tone lies under everything.</source>
        <translation>Ein warmes Orange liegt unter allem.</translation>
    </message>
    <message>
        <source>Ink lies under what is darker than soft pastel gets, and stays visible as a map.</source>
        <translation>Tusche liegt unter dem, was dunkler ist, als Softpastell wird, und bleibt als Karte sichtbar.</translation>
    </message>
    <message>
        <source>Charcoal, rubbed in, maps the values.</source>
        <translation>Eingeriebene Kohle kartiert die Tonwerte.</translation>
    </message>
    <message>
        <source>A thin layer of stick near each area&apos;s colour is rubbed into the tooth.</source>
        <translation>Eine dünne Schicht Kreide nahe der Farbe jeder Fläche wird in den Zahn gerieben.</translation>
    </message>
    <message>
        <source>A thin layer of stick near each area&apos;s colour is brushed out with alcohol.</source>
        <translation>Eine dünne Schicht Kreide nahe der Farbe jeder Fläche wird mit Alkohol ausgepinselt.</translation>
    </message>
    <message>
        <source>Truest colour</source>
        <translation>Treueste Farbe</translation>
    </message>
    <message>
        <source>Least work</source>
        <translation>Wenigste Arbeit</translation>
    </message>
    <message>
        <source>Most sparkle</source>
        <translation>Meiste Funkeln</translation>
    </message>
    <message>
        <source>Most vivid</source>
        <translation>Am leuchtendsten</translation>
    </message>
    <message>
        <source>Dry in the air</source>
        <translation>An der Luft trocknen</translation>
    </message>
    <message>
        <source>Dry with a hair dryer</source>
        <translation>Mit dem Föhn trocknen</translation>
    </message>
    <message>
        <source>Dry with a heat gun</source>
        <translation>Mit der Heißluftpistole trocknen</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>tooth</source>
        <translation>Zahn</translation>
    </message>
    <message>
        <source>first darks and lights</source>
        <translation>erste Tiefen und Lichter</translation>
    </message>
    <message>
        <source>sparkle</source>
        <translation>Funkeln</translation>
    </message>
    <message>
        <source>vividness</source>
        <translation>Leuchtkraft</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 von %3</translation>
    </message>
    <message>
        <source>the first dark stands %1 steps below it and the first light %2 above: both show from the first stroke</source>
        <translation>das erste Dunkel steht %1 Stufen darunter und das erste Licht %2 darüber: Beide zeigen sich vom ersten Strich an</translation>
    </message>
    <message>
        <source>lights hardly show on it: the first stroke of the lightest is %1 steps away</source>
        <translation>Lichter zeigen sich kaum darauf: der erste Strich der hellsten liegt %1 Stufen entfernt</translation>
    </message>
    <message>
        <source>lights do not show on it: the first stroke of the lightest is no lighter</source>
        <translation>Lichter zeigen sich nicht darauf: der erste Strich der hellsten ist nicht heller</translation>
    </message>
    <message>
        <source>darks hardly show on it: the first stroke of the darkest is %1 steps away</source>
        <translation>Tiefen zeigen sich kaum darauf: der erste Strich der dunkelsten liegt %1 Stufen entfernt</translation>
    </message>
    <message>
        <source>darks do not show on it: the first stroke of the darkest is no darker</source>
        <translation>Tiefen zeigen sich nicht darauf: der erste Strich der dunkelsten ist nicht dunkler</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n layers may be left out to come as near as the middle one of your papers does</source>
        <translation>
            <numerusform>%1 von %n Schicht darf wegbleiben, um so nah zu kommen wie das mittlere Ihrer Papiere</numerusform>
            <numerusform>%1 von %n Schichten dürfen wegbleiben, um so nah zu kommen wie das mittlere Ihrer Papiere</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 % of the picture is nearly its colour already</source>
        <translation>%1 % des Bildes haben schon fast seine Farbe</translation>
    </message>
    <message>
        <source>complement of %1 % of the picture: it glints between the strokes</source>
        <translation>Gegenton zu %1 % des Bildes: er schimmert zwischen den Strichen</translation>
    </message>
    <message>
        <source>its tooth lasts: what is filled most is %1 % full at the end</source>
        <translation>sein Zahn reicht: das am meisten Gefüllte ist am Ende zu %1 % voll</translation>
    </message>
    <message>
        <source>its tooth runs short: what is filled most is %1 % full at the end</source>
        <translation>sein Zahn wird knapp: das am meisten Gefüllte ist am Ende zu %1 % voll</translation>
    </message>
    <message>
        <source>takes a wash</source>
        <translation>verträgt eine Lavierung</translation>
    </message>
    <message>
        <source>takes a thin wash; much water cockles it</source>
        <translation>verträgt eine dünne Lavierung; viel Wasser wellt es</translation>
    </message>
    <message>
        <source>takes no water: a dry underpainting only</source>
        <translation>verträgt kein Wasser: nur eine trockene Untermalung</translation>
    </message>
    <message>
        <source>leaves %1 ΔE00, more than half of your papers do (%2)</source>
        <translation>lässt %1 ΔE00, mehr als die Hälfte Ihrer Papiere (%2)</translation>
    </message>
    <message>
        <source>its other side scores %1 points more</source>
        <translation>seine andere Seite hat %1 Punkte mehr</translation>
    </message>
    <message>
        <source>its other side scores %1 points less</source>
        <translation>seine andere Seite hat %1 Punkte weniger</translation>
    </message>
    <message>
        <source>its sheets of %1 × %2 mm are too small for the picture with its border</source>
        <translation>seine Bogen von %1 × %2 mm sind zu klein für das Bild mit seinem Rand</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>Water spoils %1: choose a paper that takes it, or a dry ground.</source>
        <translation>Wasser verdirbt %1: Wählen Sie ein Papier, das es verträgt, oder einen trockenen Grund.</translation>
    </message>
    <message>
        <source>Alcohol mats the pile of %1: rub the base in dry.</source>
        <translation>Alkohol verfilzt den Flor von %1: Reiben Sie die Basis trocken ein.</translation>
    </message>
    <message>
        <source>There is no paint in the tray: add watercolour, gouache or acrylic under Materials.</source>
        <translation>Im Kasten ist keine Farbe: Legen Sie unter Material Aquarell, Gouache oder Acryl dazu.</translation>
    </message>
    <message>
        <source>There is no ink in the tray: add one under Materials.</source>
        <translation>Im Kasten ist keine Tusche: Legen Sie unter Material eine dazu.</translation>
    </message>
    <message>
        <source>There is no charcoal in the tray: add some under Materials.</source>
        <translation>Im Kasten ist keine Kohle: Legen Sie unter Material welche dazu.</translation>
    </message>
    <message>
        <source>There is no stick in the tray to rub in: add soft or hard ones under Materials.</source>
        <translation>Im Kasten ist keine Kreide zum Einreiben: Legen Sie unter Material weiche oder harte dazu.</translation>
    </message>
    <message>
        <source>Nothing here is darker than soft pastel gets: ink has no work to do.</source>
        <translation>Nichts hier ist dunkler, als Softpastell wird: Tusche hat nichts zu tun.</translation>
    </message>
    <message>
        <source>%1 hardly shows on %2 (%3): take an opaque paint there.</source>
        <translation>%1 zeigt sich kaum auf %2 (%3): Nehmen Sie dort eine deckende Farbe.</translation>
    </message>
    <message>
        <source>%1 laid so fills %2 % of the tooth of %3: thin it.</source>
        <translation>%1, so gelegt, füllt %2 % des Zahns von %3: Verdünnen Sie.</translation>
    </message>
    <message>
        <source>So much water cockles %1: lay it thinner, or stretch the sheet.</source>
        <translation>So viel Wasser wellt %1: Legen Sie es dünner, oder spannen Sie den Bogen auf.</translation>
    </message>
    <message>
        <source>%1 takes no water: %2 mats its surface.</source>
        <translation>%1 verträgt kein Wasser: %2 verfilzt die Oberfläche.</translation>
    </message>
    <message>
        <source>Alcohol and a heat gun never go together: let it dry in the air, with the window open and no flame near. Follow the label and the safety data sheet.</source>
        <translation>Alkohol und Heißluftpistole gehen nie zusammen: an der Luft trocknen lassen, bei offenem Fenster und ohne Flamme in der Nähe. Etikett und Sicherheitsdatenblatt befolgen.</translation>
    </message>
    <message>
        <source>Keep the heat gun moving: it scorches paper and skin.</source>
        <translation>Die Heißluftpistole in Bewegung halten: Sie versengt Papier und Haut.</translation>
    </message>
    <message>
        <source>No ground of this kind brings the sheet nearer.</source>
        <translation>Kein Grund dieser Art bringt das Blatt näher.</translation>
    </message>
    <message numerus="yes">
        <source>As near as the bare sheet (%1) with %2 of %n layers less, for %3 of its own; with all of its layers %4.</source>
        <translation>
            <numerusform>So nah wie das bloße Blatt (%1) mit %2 von %n Schicht weniger, bei %3 eigenen; mit allen Schichten %4.</numerusform>
            <numerusform>So nah wie das bloße Blatt (%1) mit %2 von %n Schichten weniger, bei %3 eigenen; mit allen Schichten %4.</numerusform>
        </translation>
    </message>
    <message>
        <source>It gains nothing: the sheet ends at %1, bare at %2.</source>
        <translation>Es gewinnt nichts: Das Blatt endet bei %1, bloß bei %2.</translation>
    </message>
    <message numerus="yes">
        <source>It gains nothing: it saves %n layers and costs %1.</source>
        <translation>
            <numerusform>Es gewinnt nichts: Es spart %n Schicht und kostet %1.</numerusform>
            <numerusform>Es gewinnt nichts: Es spart %n Schichten und kostet %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>alcohol</source>
        <translation>Alkohol</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message numerus="yes">
        <source>%n parts %1</source>
        <translation>
            <numerusform>%n Teil %1</numerusform>
            <numerusform>%n Teile %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>a thin wash</source>
        <translation>eine dünne Lavierung</translation>
    </message>
    <message>
        <source>a wash</source>
        <translation>eine Lavierung</translation>
    </message>
    <message>
        <source>a strong wash</source>
        <translation>eine kräftige Lavierung</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message numerus="yes">
        <source>A sheet of %1 gives %n pieces of %2.</source>
        <translation>
            <numerusform>Ein Bogen von %1 ergibt %n Stück von %2.</numerusform>
            <numerusform>Ein Bogen von %1 ergibt %n Stücke von %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tape covers %1 mm on each side.</source>
        <translation>Klebeband bedeckt %1 mm auf jeder Seite.</translation>
    </message>
    <message>
        <source>Its fibres run across the picture from side to side: wet, it swells from top to bottom.</source>
        <translation>Seine Fasern laufen quer durch das Bild: Nass quillt es von oben nach unten.</translation>
    </message>
    <message>
        <source>Its fibres run from top to bottom of the picture: wet, it swells from side to side.</source>
        <translation>Seine Fasern laufen von oben nach unten durch das Bild: Nass quillt es von Seite zu Seite.</translation>
    </message>
    <message numerus="yes">
        <source>The %1 pictures of the series need %n sheets, all cut the same way.</source>
        <translation>
            <numerusform>Die %1 Bilder der Reihe brauchen %n Bogen, alle gleich geschnitten.</numerusform>
            <numerusform>Die %1 Bilder der Reihe brauchen %n Bogen, alle gleich geschnitten.</numerusform>
        </translation>
    </message>
    <message>
        <source>Sheets at hand: %1, not enough.</source>
        <translation>Bogen zur Hand: %1, nicht genug.</translation>
    </message>
    <message>
        <source>Sheets at hand: %1.</source>
        <translation>Bogen zur Hand: %1.</translation>
    </message>
    <message>
        <source>A strip of %1 is left for offcuts.</source>
        <translation>Ein Streifen von %1 bleibt für Proben.</translation>
    </message>
    <message>
        <source>%1 to %2 min</source>
        <translation>%1 bis %2 min</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layers</source>
        <translation>
            <numerusform>%n Schicht</numerusform>
            <numerusform>%n Schichten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sticks</source>
        <translation>
            <numerusform>%n Kreide</numerusform>
            <numerusform>%n Kreiden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things</source>
        <translation>
            <numerusform>%n Ding</numerusform>
            <numerusform>%n Dinge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n trays</source>
        <translation>
            <numerusform>%n Kasten</numerusform>
            <numerusform>%n Kästen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n evenings</source>
        <translation>
            <numerusform>%n Abend</numerusform>
            <numerusform>%n Abende</numerusform>
        </translation>
    </message>
    <message>
        <source>It is %1, value %2, chroma %3; its colour was %4 and may be off by %5.</source>
        <translation>Farbe: %1, Tonwert %2, Buntheit %3; sie wurde %4 und kann um %5 abweichen.</translation>
    </message>
    <message>
        <source>It is %1, value %2, chroma %3; its colour was %4.</source>
        <translation>Farbe: %1, Tonwert %2, Buntheit %3; sie wurde %4.</translation>
    </message>
    <message>
        <source>sanded 400</source>
        <translation>gesandet 400</translation>
    </message>
    <message>
        <source>sanded 600</source>
        <translation>gesandet 600</translation>
    </message>
    <message>
        <source>microfibre card</source>
        <translation>Mikrofaserkarton</translation>
    </message>
    <message>
        <source>velour</source>
        <translation>Velours</translation>
    </message>
    <message>
        <source>honeycomb, rough side</source>
        <translation>Wabenprägung, raue Seite</translation>
    </message>
    <message>
        <source>honeycomb, smooth side</source>
        <translation>Wabenprägung, glatte Seite</translation>
    </message>
    <message>
        <source>laid</source>
        <translation>gelegt</translation>
    </message>
    <message>
        <source>cartridge</source>
        <translation>Zeichenpapier</translation>
    </message>
    <message>
        <source>no water</source>
        <translation>kein Wasser</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>along the width</source>
        <translation>der Breite nach</translation>
    </message>
    <message>
        <source>along the height</source>
        <translation>der Höhe nach</translation>
    </message>
    <message>
        <source>full</source>
        <translation>voll</translation>
    </message>
    <message>
        <source>half</source>
        <translation>halb</translation>
    </message>
    <message>
        <source>a stub</source>
        <translation>ein Stummel</translation>
    </message>
    <message>
        <source>used up</source>
        <translation>aufgebraucht</translation>
    </message>
    <message>
        <source>stump</source>
        <translation>Estompe</translation>
    </message>
    <message>
        <source>rubber shaper</source>
        <translation>Gummiformer</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>Schwamm</translation>
    </message>
    <message>
        <source>soft brush</source>
        <translation>weicher Pinsel</translation>
    </message>
    <message>
        <source>plastic knife</source>
        <translation>Kunststoffmesser</translation>
    </message>
    <message>
        <source>putty eraser</source>
        <translation>Knetgummi</translation>
    </message>
    <message>
        <source>fixative</source>
        <translation>Fixativ</translation>
    </message>
    <message>
        <source>glassine</source>
        <translation>Pergamin</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>Klebeband</translation>
    </message>
    <message>
        <source>sandpaper</source>
        <translation>Schleifpapier</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>taken from a list</source>
        <translation>einer Liste entnommen</translation>
    </message>
    <message>
        <source>typed in</source>
        <translation>eingetippt</translation>
    </message>
    <message>
        <source>picked from a photograph</source>
        <translation>aus einem Foto aufgenommen</translation>
    </message>
    <message>
        <source>read off a swatch card</source>
        <translation>von einer Farbkarte gelesen</translation>
    </message>
    <message>
        <source>measured by a colour reader</source>
        <translation>mit einem Farbmessgerät gemessen</translation>
    </message>
    <message>
        <source>id</source>
        <translation>Kennung</translation>
    </message>
    <message>
        <source>number on the label</source>
        <translation>Nummer auf dem Etikett</translation>
    </message>
    <message>
        <source>colour (#rrggbb)</source>
        <translation>Farbe (#rrggbb)</translation>
    </message>
    <message>
        <source>L*</source>
        <translation>L*</translation>
    </message>
    <message>
        <source>a*</source>
        <translation>a*</translation>
    </message>
    <message>
        <source>b*</source>
        <translation>b*</translation>
    </message>
    <message>
        <source>hiding power</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>calls for care</source>
        <translation>verlangt Vorsicht</translation>
    </message>
    <message>
        <source>takes water</source>
        <translation>verträgt Wasser</translation>
    </message>
    <message>
        <source>what is left</source>
        <translation>was übrig ist</translation>
    </message>
    <message>
        <source>slot in the box</source>
        <translation>Fach in der Schachtel</translation>
    </message>
    <message>
        <source>where its colour is from</source>
        <translation>woher seine Farbe ist</translation>
    </message>
    <message>
        <source>A %1.</source>
        <translation>Art: %1.</translation>
    </message>
    <message>
        <source>A %1 by %2.</source>
        <translation>Art: %1, von %2.</translation>
    </message>
    <message>
        <source>Number %1 on the label.</source>
        <translation>Nummer %1 auf dem Etikett.</translation>
    </message>
    <message>
        <source>Pigments: %1.</source>
        <translation>Pigmente: %1.</translation>
    </message>
    <message>
        <source>Lightfastness: %1.</source>
        <translation>Lichtechtheit: %1.</translation>
    </message>
    <message>
        <source>It hides %1 times as well as is usual for its kind, give or take %2 %.</source>
        <translation>Es deckt %1-mal so gut wie bei seiner Art üblich, auf %2 % genau.</translation>
    </message>
    <message>
        <source>It hides %1 times as well as is usual for its kind.</source>
        <translation>Es deckt %1-mal so gut wie bei seiner Art üblich.</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Surface: %1; its tooth holds about %2 full layers. %3</source>
        <translation>Oberfläche: %1; ihr Zahn fasst etwa %2 volle Schichten. %3</translation>
    </message>
    <message>
        <source>It takes %1.</source>
        <translation>Verträgt: %1.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>If it is missing, the nearest is %1: %2.</source>
        <translation>Wenn es fehlt, ist das Nächste %1: %2.</translation>
    </message>
    <message>
        <source>Or %1, then %2: %3.</source>
        <translation>Oder %1, dann %2: %3.</translation>
    </message>
    <message>
        <source>%1 %2 at %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 (%2), value %3</source>
        <translation>%1 (%2), Tonwert %3</translation>
    </message>
    <message>
        <source>The strong black is %1.</source>
        <translation>Das kräftige Schwarz ist %1.</translation>
    </message>
    <message>
        <source>The strong white, brilliant for crisp lights, is %1.</source>
        <translation>Das kräftige Weiß, strahlend für scharfe Lichter, ist %1.</translation>
    </message>
    <message>
        <source>The strong white is %1.</source>
        <translation>Das kräftige Weiß ist %1.</translation>
    </message>
    <message>
        <source>The chalky white, soft for blending and subdued lights, is %1.</source>
        <translation>Das kreidige Weiß, weich zum Verwischen und für gedämpfte Lichter, ist %1.</translation>
    </message>
    <message>
        <source>Its pigment holds %1. Wear gloves, make no dust, and follow the label and the safety data sheet.</source>
        <translation>Sein Pigment enthält %1. Handschuhe tragen, keinen Staub machen, Etikett und Sicherheitsdatenblatt befolgen.</translation>
    </message>
    <message>
        <source>Fixative is flammable: outdoors or with strong ventilation, and no flame. Follow its label.</source>
        <translation>Fixativ ist entzündlich: im Freien oder mit starker Lüftung, und keine Flamme. Das Etikett befolgen.</translation>
    </message>
    <message>
        <source>light</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>kräftig</translation>
    </message>
    <message>
        <source>%1 pressure</source>
        <translation>Druck %1</translation>
    </message>
    <message>
        <source>mostly %1 pressure</source>
        <translation>Druck meist %1</translation>
    </message>
    <message>
        <source>mostly %1, some %2 pressure</source>
        <translation>Druck meist %1, stellenweise %2</translation>
    </message>
    <message>
        <source>Alcohol</source>
        <translation>Alkohol</translation>
    </message>
    <message>
        <source>the whole sheet, in a few lines</source>
        <translation>das ganze Blatt, in wenigen Linien</translation>
    </message>
    <message>
        <source>along your arrow</source>
        <translation>entlang Ihrem Pfeil</translation>
    </message>
    <message>
        <source>along the form</source>
        <translation>der Form entlang</translation>
    </message>
    <message>
        <source>Place everything before colour hides the paper; measure once more.</source>
        <translation>Alles platzieren, ehe Farbe das Papier verdeckt; noch einmal messen.</translation>
    </message>
    <message>
        <source>Brush what lies loose out with a soft wet brush, and do not go back into it.</source>
        <translation>Was lose liegt, mit einem weichen nassen Pinsel auspinseln und nicht mehr hineingehen.</translation>
    </message>
    <message>
        <source>A thin pass from far enough, moving all the time; let it dry fully.</source>
        <translation>Ein dünner Gang aus genügendem Abstand, immer in Bewegung; ganz trocknen lassen.</translation>
    </message>
    <message>
        <source>The side of the stick, drawn over the peaks: what lies below shows between.</source>
        <translation>Mit der Seite der Kreide über die Spitzen ziehen: Was darunter liegt, zeigt sich dazwischen.</translation>
    </message>
    <message>
        <source>Lines that stay apart: the eye mixes them.</source>
        <translation>Linien, die getrennt bleiben: Das Auge mischt sie.</translation>
    </message>
    <message>
        <source>Pressed in, flat and covering; it spends the tooth.</source>
        <translation>Eingedrückt, flach und deckend; es verbraucht den Zahn.</translation>
    </message>
    <message>
        <source>Set down and lifted: thick, small, once.</source>
        <translation>Aufgesetzt und abgehoben: dick, klein, einmal.</translation>
    </message>
    <message>
        <source>Rub light areas before dark ones, and clean the tip between.</source>
        <translation>Helle Flächen vor dunklen reiben, und die Spitze dazwischen säubern.</translation>
    </message>
    <message>
        <source>Thin and even; judge it when it is dry.</source>
        <translation>Dünn und gleichmäßig; beurteilen, wenn es trocken ist.</translation>
    </message>
    <message>
        <source>Dab it off; do not rub.</source>
        <translation>Abtupfen; nicht reiben.</translation>
    </message>
    <message>
        <source>Both together, while the mixture is known.</source>
        <translation>Beide zusammen, solange die Mischung im Sinn ist.</translation>
    </message>
    <message>
        <source>small places, to 20 cm²</source>
        <translation>kleine Stellen, bis 20 cm²</translation>
    </message>
    <message>
        <source>middling, to 100 cm²</source>
        <translation>mittlere, bis 100 cm²</translation>
    </message>
    <message>
        <source>large, over 100 cm²</source>
        <translation>große, über 100 cm²</translation>
    </message>
    <message>
        <source>%1 cm²</source>
        <translation>%1 cm²</translation>
    </message>
    <message>
        <source>Flammable: outdoors or with strong ventilation, no flame, and no heat gun until the solvent is gone; follow the label and the safety data sheet.</source>
        <translation>Entzündlich: im Freien oder mit starker Lüftung, keine Flamme und keine Heißluftpistole, bis das Lösemittel weg ist; Etikett und Sicherheitsdatenblatt befolgen.</translation>
    </message>
    <message>
        <source>Toxic pigment (%1): gloves, no dust, no eating; follow the label and the safety data sheet.</source>
        <translation>Giftiges Pigment (%1): Handschuhe, kein Staub, nicht essen; Etikett und Sicherheitsdatenblatt befolgen.</translation>
    </message>
    <message>
        <source>Dust: work upright, tap it off into a bin or a damp tray, never blow.</source>
        <translation>Staub: aufrecht arbeiten, in einen Eimer oder eine feuchte Schale abklopfen, nie pusten.</translation>
    </message>
    <message>
        <source>Sharpen away from the hand; a mask where you sand the point.</source>
        <translation>Von der Hand weg spitzen; eine Maske, wo Sie die Spitze schleifen.</translation>
    </message>
    <message>
        <source>The fixed sheet</source>
        <translation>Das fixierte Blatt</translation>
    </message>
    <message>
        <source>Step %1, %2</source>
        <translation>Schritt %1, %2</translation>
    </message>
    <message>
        <source>%1: wet, %2 yet</source>
        <translation>%1: nass, noch %2</translation>
    </message>
    <message>
        <source>%1: may be dry, %2 yet at most</source>
        <translation>%1: vielleicht trocken, höchstens noch %2</translation>
    </message>
    <message>
        <source>%1: dry</source>
        <translation>%1: trocken</translation>
    </message>
    <message>
        <source>No heat, no flame: let the solvent go by itself, with the window open.</source>
        <translation>Keine Hitze, keine Flamme: Das Lösemittel von selbst gehen lassen, bei offenem Fenster.</translation>
    </message>
    <message>
        <source>In air %1; with a hair dryer %2, with a heat gun kept moving %3. It is dry when it is no longer cold to the back of a finger.</source>
        <translation>An der Luft %1; mit dem Föhn %2, mit bewegter Heißluftpistole %3. Trocken ist es, wenn es am Fingerrücken nicht mehr kalt ist.</translation>
    </message>
    <message>
        <source>laid lighter than planned</source>
        <translation>leichter gelegt als geplant</translation>
    </message>
    <message>
        <source>laid heavier than planned</source>
        <translation>kräftiger gelegt als geplant</translation>
    </message>
    <message>
        <source>too wet</source>
        <translation>zu nass</translation>
    </message>
    <message>
        <source>slid off</source>
        <translation>abgerutscht</translation>
    </message>
    <message>
        <source>lovely</source>
        <translation>schön</translation>
    </message>
    <message>
        <source>too dark</source>
        <translation>zu dunkel</translation>
    </message>
    <message>
        <source>too light</source>
        <translation>zu hell</translation>
    </message>
    <message>
        <source>too warm</source>
        <translation>zu warm</translation>
    </message>
    <message>
        <source>too cool</source>
        <translation>zu kühl</translation>
    </message>
    <message>
        <source>muddy</source>
        <translation>schmutzig</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>begonnen</translation>
    </message>
    <message>
        <source>passed over</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>another stick</source>
        <translation>andere Kreide</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>went on</source>
        <translation>weitergemacht</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>plan changed</source>
        <translation>Plan geändert</translation>
    </message>
    <message>
        <source>finishing</source>
        <translation>Abschluss</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fixiert</translation>
    </message>
    <message>
        <source>stock</source>
        <translation>Vorrat</translation>
    </message>
    <message>
        <source>checked</source>
        <translation>geprüft</translation>
    </message>
    <message>
        <source>Tape off</source>
        <translation>Band abziehen</translation>
    </message>
    <message>
        <source>Soften the edge</source>
        <translation>Kante weich machen</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Signieren</translation>
    </message>
    <message>
        <source>Glassine</source>
        <translation>Pergamin</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Store safely</source>
        <translation>Sicher verwahren</translation>
    </message>
    <message>
        <source>Pull the tape off slowly, flat back over itself and away from the picture.</source>
        <translation>Das Band langsam abziehen, flach über sich selbst zurück und vom Bild weg.</translation>
    </message>
    <message>
        <source>Soften the hard edge that the tape has left with a clean finger.</source>
        <translation>Die harte Kante, die das Band hinterließ, mit sauberem Finger weich machen.</translation>
    </message>
    <message>
        <source>Sign with a soft stick: a pencil will not bite.</source>
        <translation>Mit weicher Kreide signieren: Ein Stift greift nicht.</translation>
    </message>
    <message>
        <source>Lay glassine over it, shiny side down, and do not rub.</source>
        <translation>Pergamin darüberlegen, glänzende Seite nach unten, und nicht reiben.</translation>
    </message>
    <message>
        <source>Frame it with a spacer, so that the glass does not touch it.</source>
        <translation>Mit Abstandhalter rahmen, damit das Glas es nicht berührt.</translation>
    </message>
    <message>
        <source>Keep it flat and dry, out of the sun, away from children and pets; wipe the place wet, no dry sweeping.</source>
        <translation>Flach und trocken aufbewahren, ohne Sonne, fern von Kindern und Haustieren; den Platz feucht wischen, nicht trocken fegen.</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>%1 begun</source>
        <translation>%1 begonnen</translation>
    </message>
    <message>
        <source>%1 laid: %2; %3</source>
        <translation>%1 gelegt: %2; %3</translation>
    </message>
    <message>
        <source>%1 passed over</source>
        <translation>%1 ausgelassen</translation>
    </message>
    <message>
        <source>%1: %2 taken instead</source>
        <translation>%1: %2 stattdessen genommen</translation>
    </message>
    <message>
        <source>%1 laid as planned after all</source>
        <translation>%1 doch wie geplant gelegt</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Taken back: %1</source>
        <translation>Zurückgenommen: %1</translation>
    </message>
    <message>
        <source>Taken back</source>
        <translation>Zurückgenommen</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Went on</source>
        <translation>Weitergemacht</translation>
    </message>
    <message>
        <source>%1 is dry</source>
        <translation>%1 ist trocken</translation>
    </message>
    <message>
        <source>The fixed sheet is dry</source>
        <translation>Das fixierte Blatt ist trocken</translation>
    </message>
    <message>
        <source>Note: &quot;%1&quot;</source>
        <translation>Notiz: „%1“</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>What is left was planned anew, since the study was changed</source>
        <translation>Der Rest wurde neu geplant, da die Studie geändert wurde</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: getan</translation>
    </message>
    <message>
        <source>Fixative over the whole sheet</source>
        <translation>Fixativ über das ganze Blatt</translation>
    </message>
    <message>
        <source>What the sticks had lost was taken into the drawer</source>
        <translation>Was die Kreiden verloren haben, wurde in die Schublade übernommen</translation>
    </message>
    <message>
        <source>Photograph checked</source>
        <translation>Foto geprüft</translation>
    </message>
    <message numerus="yes">
        <source>Photograph checked, %n corrections taken</source>
        <translation>
            <numerusform>Foto geprüft, %n Berichtigung übernommen</numerusform>
            <numerusform>Foto geprüft, %n Berichtigungen übernommen</numerusform>
        </translation>
    </message>
    <message>
        <source>It goes no earlier than after step %1: %2.</source>
        <translation>Er kommt nicht früher als nach Schritt %1: %2.</translation>
    </message>
    <message>
        <source>It goes no later than before step %1: %2.</source>
        <translation>Er kommt nicht später als vor Schritt %1: %2.</translation>
    </message>
    <message>
        <source>The drawing is always first: it places everything before colour hides the paper.</source>
        <translation>Die Zeichnung ist immer das Erste: Sie platziert alles, ehe Farbe das Papier verdeckt.</translation>
    </message>
    <message>
        <source>The ground is laid before all else: every layer stands on it.</source>
        <translation>Der Grund wird vor allem anderen gelegt: Jede Schicht steht auf ihm.</translation>
    </message>
    <message>
        <source>upper left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>upper right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>lower left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>lower right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>beige</source>
        <translation>Beige</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>Braun</translation>
    </message>
    <message>
        <source>ochre</source>
        <translation>Ocker</translation>
    </message>
    <message>
        <source>olive brown</source>
        <translation>Olivbraun</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>Gelb</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>Rosa</translation>
    </message>
    <message>
        <source>red</source>
        <translation>Rot</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>Orange</translation>
    </message>
    <message>
        <source>yellow-green</source>
        <translation>Gelbgrün</translation>
    </message>
    <message>
        <source>green</source>
        <translation>Grün</translation>
    </message>
    <message>
        <source>blue-green</source>
        <translation>Blaugrün</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>Blau</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>Violett</translation>
    </message>
    <message>
        <source>near black</source>
        <translation>Fastschwarz</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>warm grey</source>
        <translation>warmes Grau</translation>
    </message>
    <message>
        <source>cool grey</source>
        <translation>kühles Grau</translation>
    </message>
    <message>
        <source>near black %1</source>
        <translation>fast schwarzes %1</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und %n weitere</numerusform>
            <numerusform>und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>underpainting</source>
        <translation>Untermalung</translation>
    </message>
    <message>
        <source>block-in</source>
        <translation>Anlage</translation>
    </message>
    <message>
        <source>build</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>refine</source>
        <translation>Ausarbeitung</translation>
    </message>
    <message>
        <source>accents</source>
        <translation>Akzente</translation>
    </message>
    <message>
        <source>scumble</source>
        <translation>schummern</translation>
    </message>
    <message>
        <source>hatch</source>
        <translation>schraffieren</translation>
    </message>
    <message>
        <source>press in</source>
        <translation>eindrücken</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>verwischen</translation>
    </message>
    <message>
        <source>dab</source>
        <translation>tupfen</translation>
    </message>
    <message>
        <source>wash</source>
        <translation>lavieren</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>fixieren</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>abheben</translation>
    </message>
    <message>
        <source>scumbled</source>
        <translation>geschummert</translation>
    </message>
    <message>
        <source>hatched</source>
        <translation>schraffiert</translation>
    </message>
    <message>
        <source>pressed in</source>
        <translation>eingedrückt</translation>
    </message>
    <message>
        <source>blended</source>
        <translation>verwischt</translation>
    </message>
    <message>
        <source>dabbed</source>
        <translation>getupft</translation>
    </message>
    <message>
        <source>washed</source>
        <translation>laviert</translation>
    </message>
    <message>
        <source>lifted</source>
        <translation>abgehoben</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>no pressure</source>
        <translation>kein Druck</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>ganz leicht</translation>
    </message>
    <message>
        <source>the lightest pressure</source>
        <translation>ganz leichter Druck</translation>
    </message>
    <message>
        <source>light pressure</source>
        <translation>leichter Druck</translation>
    </message>
    <message>
        <source>light to medium</source>
        <translation>leicht bis mittel</translation>
    </message>
    <message>
        <source>light to medium pressure</source>
        <translation>leichter bis mittlerer Druck</translation>
    </message>
    <message>
        <source>medium pressure</source>
        <translation>mittlerer Druck</translation>
    </message>
    <message>
        <source>medium to heavy</source>
        <translation>mittel bis kräftig</translation>
    </message>
    <message>
        <source>medium to heavy pressure</source>
        <translation>mittlerer bis kräftiger Druck</translation>
    </message>
    <message>
        <source>heavy pressure</source>
        <translation>kräftiger Druck</translation>
    </message>
    <message>
        <source>soft stick</source>
        <translation>weiche Kreide</translation>
    </message>
    <message>
        <source>hard stick</source>
        <translation>harte Kreide</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>pan</source>
        <translation>Näpfchen</translation>
    </message>
    <message>
        <source>charcoal</source>
        <translation>Kohle</translation>
    </message>
    <message>
        <source>watercolour</source>
        <translation>Aquarell</translation>
    </message>
    <message>
        <source>gouache</source>
        <translation>Gouache</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>Acryl</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>Tusche</translation>
    </message>
    <message>
        <source>any pencil</source>
        <translation>ein beliebiger Stift</translation>
    </message>
    <message>
        <source>daylight</source>
        <translation>Tageslicht</translation>
    </message>
    <message>
        <source>warm daylight</source>
        <translation>warmem Tageslicht</translation>
    </message>
    <message>
        <source>lamp light</source>
        <translation>Lampenlicht</translation>
    </message>
    <message>
        <source>LED light</source>
        <translation>LED-Licht</translation>
    </message>
    <message>
        <source>a touch</source>
        <translation>eine Spur</translation>
    </message>
    <message>
        <source>half a step</source>
        <translation>eine halbe Stufe</translation>
    </message>
    <message>
        <source>a step</source>
        <translation>eine Stufe</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 Stufen</translation>
    </message>
    <message>
        <source>%1 too light</source>
        <translation>%1 zu hell</translation>
    </message>
    <message>
        <source>%1 too dark</source>
        <translation>%1 zu dunkel</translation>
    </message>
    <message>
        <source>a little</source>
        <translation>etwas</translation>
    </message>
    <message>
        <source>clearly</source>
        <translation>deutlich</translation>
    </message>
    <message>
        <source>%1 too vivid</source>
        <translation>%1 zu bunt</translation>
    </message>
    <message>
        <source>%1 too grey</source>
        <translation>%1 zu grau</translation>
    </message>
    <message>
        <source>%1 too warm</source>
        <translation>%1 zu warm</translation>
    </message>
    <message>
        <source>%1 too cool</source>
        <translation>%1 zu kühl</translation>
    </message>
    <message>
        <source>matches</source>
        <translation>stimmt</translation>
    </message>
    <message>
        <source>as near as the eye can tell from the easel</source>
        <translation>so nah, wie das Auge es von der Staffelei aus unterscheidet</translation>
    </message>
    <message>
        <source>hardly apart from the easel</source>
        <translation>von der Staffelei aus kaum verschieden</translation>
    </message>
    <message>
        <source>a little apart</source>
        <translation>ein wenig verschieden</translation>
    </message>
    <message>
        <source>clearly apart</source>
        <translation>deutlich verschieden</translation>
    </message>
    <message>
        <source>far apart</source>
        <translation>weit verschieden</translation>
    </message>
    <message>
        <source>%1 (%2), %3 in %4 (%5)</source>
        <translation>%1 (%2), %3 in %4 (%5)</translation>
    </message>
    <message>
        <source>Let it run out, ever thinner, into %1.</source>
        <translation>Lassen Sie es auslaufen, immer dünner, in %1.</translation>
    </message>
    <message>
        <source>light on %1 %</source>
        <translation>leicht auf %1 %</translation>
    </message>
    <message>
        <source>medium on %1 %</source>
        <translation>mittel auf %1 %</translation>
    </message>
    <message>
        <source>heavy on %1 %</source>
        <translation>kräftig auf %1 %</translation>
    </message>
    <message>
        <source>only touches</source>
        <translation>streift nur</translation>
    </message>
    <message>
        <source>Suggest it</source>
        <translation>Andeuten</translation>
    </message>
    <message>
        <source>Usual marks</source>
        <translation>Übliche Striche</translation>
    </message>
    <message>
        <source>Fine marks</source>
        <translation>Feine Striche</translation>
    </message>
    <message>
        <source>%1 ΔE00</source>
        <translation>%1 ΔE00</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>%1 × %2 cm</source>
        <translation>%1 × %2 cm</translation>
    </message>
    <message>
        <source>All that serve</source>
        <translation>Alle, die nützen</translation>
    </message>
    <message>
        <source>Earths and one blue</source>
        <translation>Erden und ein Blau</translation>
    </message>
    <message>
        <source>Earths alone</source>
        <translation>Nur Erden</translation>
    </message>
    <message>
        <source>A yellow, a red, a blue</source>
        <translation>Ein Gelb, ein Rot, ein Blau</translation>
    </message>
    <message>
        <source>Black, white and greys</source>
        <translation>Schwarz, Weiß und Grautöne</translation>
    </message>
    <message>
        <source>Greys</source>
        <translation>Grautöne</translation>
    </message>
    <message>
        <source>Earths</source>
        <translation>Erden</translation>
    </message>
    <message>
        <source>Yellows, oranges</source>
        <translation>Gelb, Orange</translation>
    </message>
    <message>
        <source>Reds</source>
        <translation>Rottöne</translation>
    </message>
    <message>
        <source>Violets</source>
        <translation>Violetttöne</translation>
    </message>
    <message>
        <source>Blues</source>
        <translation>Blautöne</translation>
    </message>
    <message>
        <source>Greens</source>
        <translation>Grüntöne</translation>
    </message>
    <message>
        <source>One stick is its dark, medium and light: %1.</source>
        <translation>Eine Kreide ist ihr Dunkel, Mittel und Hell: %1.</translation>
    </message>
    <message>
        <source>Its dark and medium: %1; its light: %2.</source>
        <translation>Ihr Dunkel und Mittel: %1; ihr Hell: %2.</translation>
    </message>
    <message>
        <source>Its dark: %1; its medium and light: %2.</source>
        <translation>Ihr Dunkel: %1; ihr Mittel und Hell: %2.</translation>
    </message>
    <message>
        <source>Its dark: %1; its medium: %2; its light: %3.</source>
        <translation>Ihr Dunkel: %1; ihr Mittel: %2; ihr Hell: %3.</translation>
    </message>
    <message>
        <source>Lighter of two</source>
        <translation>Das Hellere von zweien</translation>
    </message>
    <message>
        <source>Value apart from hue: the eye takes what is vivid for light.</source>
        <translation>Tonwert getrennt vom Farbton: Das Auge hält Leuchtendes für hell.</translation>
    </message>
    <message>
        <source>Which is lighter?</source>
        <translation>Welches ist heller?</translation>
    </message>
    <message>
        <source>Lighter, on two grounds</source>
        <translation>Heller, auf zwei Gründen</translation>
    </message>
    <message>
        <source>A dark ground makes what lies on it look lighter, a light one darker. Squint.</source>
        <translation>Ein dunkler Grund lässt, was auf ihm liegt, heller aussehen, ein heller dunkler. Kneifen Sie die Augen zusammen.</translation>
    </message>
    <message>
        <source>Which is lighter, whatever it lies on?</source>
        <translation>Welches ist heller, worauf es auch liegt?</translation>
    </message>
    <message>
        <source>Value of a colour</source>
        <translation>Tonwert einer Farbe</translation>
    </message>
    <message>
        <source>Where a colour stands among the greys. Vivid ones deceive most.</source>
        <translation>Wo eine Farbe unter den Grautönen steht. Leuchtende täuschen am meisten.</translation>
    </message>
    <message>
        <source>Which grey is as light as the colour above?</source>
        <translation>Welches Grau ist so hell wie die Farbe darüber?</translation>
    </message>
    <message>
        <source>Order of values</source>
        <translation>Reihenfolge der Tonwerte</translation>
    </message>
    <message>
        <source>A row from light to dark, in which two neighbours have changed places.</source>
        <translation>Eine Reihe von hell nach dunkel, in der zwei Nachbarn die Plätze getauscht haben.</translation>
    </message>
    <message>
        <source>Where is the row from light to dark out of order?</source>
        <translation>Wo ist die Reihe von hell nach dunkel gestört?</translation>
    </message>
    <message>
        <source>Warmer of two</source>
        <translation>Das Wärmere von zweien</translation>
    </message>
    <message>
        <source>Towards orange or away from it, at the same value.</source>
        <translation>Zum Orange hin oder davon weg, bei gleichem Tonwert.</translation>
    </message>
    <message>
        <source>Which is warmer?</source>
        <translation>Welches ist wärmer?</translation>
    </message>
    <message>
        <source>Duller of two</source>
        <translation>Das Stumpfere von zweien</translation>
    </message>
    <message>
        <source>Nearer to grey or farther, at the same value and hue.</source>
        <translation>Näher am Grau oder weiter weg, bei gleichem Tonwert und Farbton.</translation>
    </message>
    <message>
        <source>Which is duller?</source>
        <translation>Welches ist stumpfer?</translation>
    </message>
    <message>
        <source>Nearest stick</source>
        <translation>Nächste Kreide</translation>
    </message>
    <message>
        <source>What you reach for: one of your sticks for a colour of the subject.</source>
        <translation>Wonach Sie greifen: eine Ihrer Kreiden für eine Farbe des Motivs.</translation>
    </message>
    <message>
        <source>Which stick comes nearest to the colour above?</source>
        <translation>Welche Kreide kommt der Farbe darüber am nächsten?</translation>
    </message>
    <message>
        <source>What a mixture gives</source>
        <translation>Was eine Mischung ergibt</translation>
    </message>
    <message>
        <source>One of your sticks over another, before you have tried it.</source>
        <translation>Eine Ihrer Kreiden über einer anderen, ehe Sie es ausprobiert haben.</translation>
    </message>
    <message>
        <source>The second is dragged lightly over the first. Which comes of it?</source>
        <translation>Die zweite wird leicht über die erste gezogen. Was kommt dabei heraus?</translation>
    </message>
    <message>
        <source>Two masses</source>
        <translation>Zwei Massen</translation>
    </message>
    <message>
        <source>The large darks and lights with half-closed eyes, before anything is drawn.</source>
        <translation>Die großen Dunkel und Hell mit halb geschlossenen Augen, ehe etwas gezeichnet ist.</translation>
    </message>
    <message>
        <source>Which mass is darker?</source>
        <translation>Welche Masse ist dunkler?</translation>
    </message>
    <message>
        <source>Nearer sheet</source>
        <translation>Das nähere Blatt</translation>
    </message>
    <message>
        <source>Standing back and comparing: is it better than it was?</source>
        <translation>Zurücktreten und vergleichen: Ist es besser, als es war?</translation>
    </message>
    <message>
        <source>Which sheet stands nearer to the subject above?</source>
        <translation>Welches Blatt steht dem Motiv darüber näher?</translation>
    </message>
    <message>
        <source>Plumb</source>
        <translation>Lot</translation>
    </message>
    <message>
        <source>Walls, necks and horizons are judged against what hangs straight.</source>
        <translation>Wände, Hälse und Horizonte misst man an dem, was gerade hängt.</translation>
    </message>
    <message>
        <source>Which way does the line lean?</source>
        <translation>Wohin neigt sich die Linie?</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>Halving by eye: the middle of a face, of a sheet, of a table&apos;s edge.</source>
        <translation>Halbieren nach Augenmaß: die Mitte eines Gesichts, eines Blattes, einer Tischkante.</translation>
    </message>
    <message>
        <source>Which end is the mark nearer to?</source>
        <translation>Welchem Ende ist die Marke näher?</translation>
    </message>
    <message>
        <source>Wider angle</source>
        <translation>Der weitere Winkel</translation>
    </message>
    <message>
        <source>An angle is carried from the subject to the sheet by eye.</source>
        <translation>Ein Winkel wird mit dem Auge vom Motiv aufs Blatt getragen.</translation>
    </message>
    <message>
        <source>Which angle is wider?</source>
        <translation>Welcher Winkel ist weiter?</translation>
    </message>
    <message>
        <source>Length in units</source>
        <translation>Länge in Einheiten</translation>
    </message>
    <message>
        <source>A head, a cup, the breadth of the pencil: how often does it go into the whole?</source>
        <translation>Ein Kopf, eine Tasse, die Breite des Stifts: Wie oft geht sie in das Ganze?</translation>
    </message>
    <message>
        <source>The line is about %1 times as long as the short one. Is it longer or shorter?</source>
        <translation>Die Linie ist etwa %1-mal so lang wie die kurze. Ist sie länger oder kürzer?</translation>
    </message>
    <message>
        <source>From memory</source>
        <translation>Aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>Look, turn away, draw the main shapes on a sheet of the picture&apos;s format: what the eye has kept shows in where they lie and how large they are.</source>
        <translation>Schauen, sich abwenden, die Hauptformen auf ein Blatt im Format des Bildes zeichnen: Was das Auge behalten hat, zeigt sich darin, wo sie liegen und wie groß sie sind.</translation>
    </message>
    <message>
        <source>Look at the large shapes, how they lie to each other and to the edges.</source>
        <translation>Schauen Sie auf die großen Formen, wie sie zueinander und zu den Kanten liegen.</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>Tonwert %1</translation>
    </message>
    <message>
        <source>The grounds make the one on the dark look %1 value steps lighter than that on the light.</source>
        <translation>Die Gründe lassen das auf dem dunklen um %1 Tonwertstufen heller aussehen als das auf dem hellen.</translation>
    </message>
    <message>
        <source>first and second</source>
        <translation>dem ersten und zweiten</translation>
    </message>
    <message>
        <source>second and third</source>
        <translation>dem zweiten und dritten</translation>
    </message>
    <message>
        <source>third and fourth</source>
        <translation>dem dritten und vierten</translation>
    </message>
    <message>
        <source>fourth and fifth</source>
        <translation>dem vierten und fünften</translation>
    </message>
    <message>
        <source>second</source>
        <translation>das zweite</translation>
    </message>
    <message>
        <source>third</source>
        <translation>das dritte</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>das vierte</translation>
    </message>
    <message>
        <source>the first</source>
        <translation>die erste</translation>
    </message>
    <message>
        <source>the second</source>
        <translation>die zweite</translation>
    </message>
    <message>
        <source>the upper</source>
        <translation>oberen</translation>
    </message>
    <message>
        <source>the lower</source>
        <translation>unteren</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>linken</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>rechten</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>kürzer</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>the left one</source>
        <translation>links</translation>
    </message>
    <message>
        <source>the right one</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>%1 value steps</source>
        <translation>%1 Tonwertstufen</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>a trained eye: %1</source>
        <translation>ein geübtes Auge: %1</translation>
    </message>
    <message>
        <source>It is %1, by %2. %3</source>
        <translation>Richtig: %1, um %2. %3</translation>
    </message>
    <message>
        <source>It is %1: the other grey is off by %2.</source>
        <translation>Richtig: %1; das andere Grau weicht um %2 ab.</translation>
    </message>
    <message>
        <source>It is between %1; there are %2 from one to the next.</source>
        <translation>Es ist zwischen %1; vom einen zum nächsten sind es %2.</translation>
    </message>
    <message>
        <source>It is the %1; the next is %2 farther off.</source>
        <translation>Richtig: %1; das nächste liegt %2 weiter weg.</translation>
    </message>
    <message>
        <source>It leans %1, by %2.</source>
        <translation>Sie neigt sich %1, um %2.</translation>
    </message>
    <message>
        <source>It is nearer to %1 end: off the middle by %2 of the line.</source>
        <translation>Näher am %1 Ende: um %2 der Linie neben der Mitte.</translation>
    </message>
    <message>
        <source>It is %1 than that, by %2.</source>
        <translation>Sie ist %1, um %2.</translation>
    </message>
    <message>
        <source>It is %1, by %2.</source>
        <translation>Richtig: %1, um %2.</translation>
    </message>
    <message>
        <source>warmer</source>
        <translation>wärmer</translation>
    </message>
    <message>
        <source>cooler</source>
        <translation>kühler</translation>
    </message>
    <message>
        <source>chroma %1</source>
        <translation>Buntheit %1</translation>
    </message>
    <message>
        <source>%1 off</source>
        <translation>%1 daneben</translation>
    </message>
    <message>
        <source>%1 % to the right</source>
        <translation>%1 % zu weit rechts</translation>
    </message>
    <message>
        <source>%1 % to the left</source>
        <translation>%1 % zu weit links</translation>
    </message>
    <message>
        <source>%1 % too low</source>
        <translation>%1 % zu tief</translation>
    </message>
    <message>
        <source>%1 % too high</source>
        <translation>%1 % zu hoch</translation>
    </message>
    <message>
        <source>%1 % too large</source>
        <translation>%1 % zu groß</translation>
    </message>
    <message>
        <source>%1 % too small</source>
        <translation>%1 % zu klein</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>an seinem Ort</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>The whole lies %1. Within it the shapes are off by %2 % of the width in the mean.</source>
        <translation>Das Ganze liegt %1. Darin liegen die Formen im Mittel um %2 % der Breite daneben.</translation>
    </message>
    <message>
        <source>No reference picture is chosen: open one first.</source>
        <translation>Keine Vorlage ist gewählt: Öffnen Sie zuerst eine.</translation>
    </message>
    <message>
        <source>%1 is not there: check the name and the folder.</source>
        <translation>%1 ist nicht da: Prüfen Sie Namen und Ordner.</translation>
    </message>
    <message>
        <source>%1 cannot be read: check that it is a file and that you may open it.</source>
        <translation>%1 kann nicht gelesen werden: Prüfen Sie, ob es eine Datei ist und Sie sie öffnen dürfen.</translation>
    </message>
    <message>
        <source>%1 is larger than any file of its kind (%2 MB at most): check that it is the right one.</source>
        <translation>%1 ist größer als jede Datei dieser Art (höchstens %2 MB): Prüfen Sie, ob es die richtige ist.</translation>
    </message>
    <message>
        <source>The colour profile in %1 is damaged, so that its colours cannot be known: save the picture again in sRGB.</source>
        <translation>Das Farbprofil in %1 ist beschädigt, sodass seine Farben nicht zu erkennen sind: Sichern Sie das Bild noch einmal in sRGB.</translation>
    </message>
    <message>
        <source>%1 is a moving picture: save one picture of it as PNG and take that.</source>
        <translation>%1 ist ein bewegtes Bild: Sichern Sie ein Bild daraus als PNG und nehmen Sie das.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read: take a PNG, JPEG, TIFF or WebP file.</source>
        <translation>%1 ist kein lesbares Bild: Nehmen Sie eine PNG-, JPEG-, TIFF- oder WebP-Datei.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged: copy it again from where it came.</source>
        <translation>%1 ist abgeschnitten oder beschädigt: Kopieren Sie es noch einmal von dort, woher es kam.</translation>
    </message>
    <message>
        <source>%1 is too small to read values from: take a picture of at least %2 pixels on each side.</source>
        <translation>%1 ist zu klein, um Tonwerte daraus zu lesen: Nehmen Sie ein Bild von mindestens %2 Pixeln auf jeder Seite.</translation>
    </message>
    <message>
        <source>%1 claims more than %2 megapixels: reduce it first.</source>
        <translation>%1 gibt mehr als %2 Megapixel an: Verkleinern Sie es zuerst.</translation>
    </message>
    <message>
        <source>%1 is not in RGB or grey (it may be meant for printing): save it as an RGB picture.</source>
        <translation>%1 ist weder RGB noch grau (vielleicht für den Druck gedacht): Sichern Sie es als RGB-Bild.</translation>
    </message>
    <message>
        <source>No swatch card is to be seen in %1: photograph the whole card, all four corner marks in view.</source>
        <translation>In %1 ist keine Farbkarte zu sehen: Fotografieren Sie die ganze Karte mit allen vier Eckmarken.</translation>
    </message>
    <message>
        <source>The card in %1 is one of the other kind: swatch cards are read in Materials, test cards of papers at Paper.</source>
        <translation>Die Karte in %1 ist eine der anderen Art: Farbkarten werden unter Material gelesen, Testkarten für Papiere unter Papier.</translation>
    </message>
    <message>
        <source>A corner mark of the swatch card is missing in %1: photograph the whole card, with nothing lying on its corners.</source>
        <translation>In %1 fehlt eine Eckmarke der Farbkarte: Fotografieren Sie die ganze Karte, ohne dass etwas auf ihren Ecken liegt.</translation>
    </message>
    <message>
        <source>%1 is too dark to read: photograph the card in more light, by a window and without flash.</source>
        <translation>%1 ist zu dunkel zum Lesen: Fotografieren Sie die Karte bei mehr Licht, am Fenster und ohne Blitz.</translation>
    </message>
    <message>
        <source>The card&apos;s paper is burnt out in %1: photograph it again with less exposure.</source>
        <translation>Das Papier der Karte ist in %1 überbelichtet: Fotografieren Sie sie mit weniger Belichtung.</translation>
    </message>
    <message>
        <source>%1 is blurred: hold the camera still, tap on the card to focus and photograph it again.</source>
        <translation>%1 ist unscharf: Halten Sie die Kamera still, tippen Sie zum Scharfstellen auf die Karte und fotografieren Sie noch einmal.</translation>
    </message>
    <message>
        <source>This sheet is not to be seen in %1: photograph the work of this study whole, from straight before it, with some of the board round it.</source>
        <translation>Dieses Blatt ist in %1 nicht zu sehen: Fotografieren Sie die Arbeit dieser Studie ganz, gerade von vorn, mit etwas Brett ringsum.</translation>
    </message>
    <message>
        <source>A corner of the sheet is missing in %1: photograph it whole, with some of the board round it.</source>
        <translation>In %1 fehlt eine Ecke des Blattes: Fotografieren Sie es ganz, mit etwas Brett ringsum.</translation>
    </message>
    <message>
        <source>%1 is too dark to read: photograph the sheet in more light, by a window and without flash.</source>
        <translation>%1 ist zu dunkel zum Lesen: Fotografieren Sie das Blatt bei mehr Licht, am Fenster und ohne Blitz.</translation>
    </message>
    <message>
        <source>The sheet is burnt out in %1: photograph it again with less exposure and without flash.</source>
        <translation>Das Blatt ist in %1 überbelichtet: Fotografieren Sie es mit weniger Belichtung und ohne Blitz.</translation>
    </message>
    <message>
        <source>%1 is blurred: hold the camera still, or lean it on something, and let it find its focus.</source>
        <translation>%1 ist unscharf: Halten Sie die Kamera still oder stützen Sie sie auf, und lassen Sie sie scharf stellen.</translation>
    </message>
    <message>
        <source>No sheet of the picture&apos;s format is to be seen in %1: photograph the drawing whole and upright, with some of a darker table round it.</source>
        <translation>In %1 ist kein Blatt im Format des Bildes zu sehen: Fotografieren Sie die Zeichnung ganz und aufrecht, mit etwas dunklerem Tisch ringsum.</translation>
    </message>
    <message>
        <source>Nothing is drawn on the sheet in %1: draw the main shapes darker, then photograph it again.</source>
        <translation>Auf dem Blatt in %1 ist nichts gezeichnet: Ziehen Sie die Hauptformen dunkler und fotografieren Sie noch einmal.</translation>
    </message>
    <message>
        <source>%1 cannot be written: choose a folder that you may write to.</source>
        <translation>%1 kann nicht geschrieben werden: Wählen Sie einen Ordner, in den Sie schreiben dürfen.</translation>
    </message>
    <message>
        <source>%1 could not be written, and what was there is kept: the disk has a fault, so write to another.</source>
        <translation>%1 konnte nicht geschrieben werden, und was da war, ist erhalten: Der Datenträger hat einen Fehler, also schreiben Sie auf einen anderen.</translation>
    </message>
    <message>
        <source>There is no room for %1 on the disk, and what was there is kept: make room and write it again.</source>
        <translation>Für %1 ist kein Platz auf dem Datenträger, und was da war, ist erhalten: Schaffen Sie Platz und schreiben Sie noch einmal.</translation>
    </message>
    <message>
        <source>What was computed could not be written out whole: check that there is room where it goes.</source>
        <translation>Das Berechnete konnte nicht ganz ausgegeben werden: Prüfen Sie, ob dort Platz ist, wohin es geht.</translation>
    </message>
    <message>
        <source>The tray has no stick, pencil or pan to plan with: add some to the materials.</source>
        <translation>Im Kasten ist keine Kreide, kein Stift und kein Näpfchen, womit zu planen wäre: Legen Sie welche zum Material.</translation>
    </message>
    <message>
        <source>The tray has no stick, pencil or pan to plan with: add some to the materials in %1.</source>
        <translation>Im Kasten ist keine Kreide, kein Stift und kein Näpfchen, womit zu planen wäre: Ergänzen Sie das Material in %1.</translation>
    </message>
    <message>
        <source>The study would draw from %1 sticks and paints, and can weigh %2 at most: put those that count into a tray and draw from that.</source>
        <translation>Die Studie würde aus %1 Kreiden und Farben schöpfen und kann höchstens %2 abwägen: Legen Sie die, die zählen, in einen Kasten und schöpfen Sie daraus.</translation>
    </message>
    <message>
        <source>The materials have no paper to plan on: add one.</source>
        <translation>Im Material ist kein Papier, auf dem zu planen wäre: Legen Sie eines dazu.</translation>
    </message>
    <message>
        <source>There is no paper &quot;%1&quot; in the materials: choose one that is there.</source>
        <translation>Im Material ist kein Papier „%1“: Wählen Sie eines, das da ist.</translation>
    </message>
    <message>
        <source>%1 has no column &quot;%2&quot;: add it to the first row.</source>
        <translation>%1 hat keine Spalte „%2“: Ergänzen Sie sie in der ersten Zeile.</translation>
    </message>
    <message>
        <source>one of the words or names that the format allows</source>
        <translation>eines der Wörter oder Namen, die das Format erlaubt</translation>
    </message>
    <message>
        <source>%1, row %2: %3 will not do: put %4.</source>
        <translation>%1, Zeile %2: %3 geht nicht: Setzen Sie %4.</translation>
    </message>
    <message>
        <source>%1, row %2 cannot be read: check it.</source>
        <translation>%1, Zeile %2 kann nicht gelesen werden: Prüfen Sie sie.</translation>
    </message>
    <message>
        <source>%1, row %2 cannot be read: check it (%3).</source>
        <translation>%1, Zeile %2 kann nicht gelesen werden: Prüfen Sie sie (%3).</translation>
    </message>
    <message>
        <source>%1, row %2 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.</source>
        <translation>%1, Zeile %2 ist nicht in UTF-8 geschrieben: Sichern Sie die Liste als CSV in UTF-8 und nehmen Sie sie noch einmal auf.</translation>
    </message>
    <message>
        <source>%1 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.</source>
        <translation>%1 ist nicht in UTF-8 geschrieben: Sichern Sie die Liste als CSV in UTF-8 und nehmen Sie sie noch einmal auf.</translation>
    </message>
    <message>
        <source>%1 is no list that can be read: take a CSV table, a palette (.gpl), colour readings (CGATS) or a whole drawer (.json).</source>
        <translation>%1 ist keine lesbare Liste: Nehmen Sie eine CSV-Tabelle, eine Palette (.gpl), Farbmessungen (CGATS) oder eine ganze Schublade (.json).</translation>
    </message>
    <message>
        <source>%1 draws in another file (.INCLUDE), which is not followed: put all readings into one list.</source>
        <translation>%1 zieht eine andere Datei heran (.INCLUDE), der nicht gefolgt wird: Legen Sie alle Messungen in eine Liste.</translation>
    </message>
    <message>
        <source>%1 holds no colours that can be read (%2): it needs LAB, XYZ or spectral readings under D50.</source>
        <translation>%1 enthält keine lesbaren Farben (%2): Es braucht LAB, XYZ oder Spektralmessungen unter D50.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged (%2) and cannot be taken in: export it again.</source>
        <translation>%1 ist abgeschnitten oder beschädigt (%2) und kann nicht aufgenommen werden: Exportieren Sie es noch einmal.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Yawning Dune: take it in with that version.</source>
        <translation>%1 wurde von einem neueren Yawning Dune geschrieben: Nehmen Sie es mit dieser Version auf.</translation>
    </message>
    <message>
        <source>%1 has more than %2 rows: split it and take the parts in one after the other.</source>
        <translation>%1 hat mehr als %2 Zeilen: Teilen Sie es und nehmen Sie die Teile nacheinander auf.</translation>
    </message>
    <message>
        <source>The colour reader does not answer: check its cable or battery, connect it again and put it on the white tile.</source>
        <translation>Das Farbmessgerät antwortet nicht: Prüfen Sie Kabel oder Batterie, schließen Sie es wieder an und setzen Sie es auf die weiße Kachel.</translation>
    </message>
    <message>
        <source>The colour reader does not know its white: put it on the white tile first.</source>
        <translation>Das Farbmessgerät kennt sein Weiß nicht: Setzen Sie es zuerst auf die weiße Kachel.</translation>
    </message>
    <message>
        <source>The readings of this touch differ by up to %1: hold the reader flat and still on a heavy swatch and touch again.</source>
        <translation>Die Messungen dieser Berührung weichen um bis zu %1 voneinander ab: Halten Sie das Gerät flach und still auf eine satte Probe und messen Sie noch einmal.</translation>
    </message>
    <message>
        <source>What lies under the colour reader is not its white tile: wipe the tile and put the reader flat on it.</source>
        <translation>Was unter dem Farbmessgerät liegt, ist nicht seine weiße Kachel: Wischen Sie die Kachel ab und setzen Sie das Gerät flach darauf.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged and cannot be opened: take a copy of it.</source>
        <translation>%1 ist abgeschnitten oder beschädigt und kann nicht geöffnet werden: Nehmen Sie eine Kopie davon.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Yawning Dune: open it with that version.</source>
        <translation>%1 wurde von einem neueren Yawning Dune geschrieben: Öffnen Sie es mit dieser Version.</translation>
    </message>
    <message>
        <source>The unsaved choices in %1 are cut off or damaged and cannot be taken up: throw them away and open the study as it was last saved.</source>
        <translation>Die nicht gesicherten Entscheidungen in %1 sind abgeschnitten oder beschädigt und können nicht aufgenommen werden: Werfen Sie sie weg und öffnen Sie die Studie, wie sie zuletzt gesichert wurde.</translation>
    </message>
    <message>
        <source>The materials in %1 are damaged and cannot be read: put a saved copy in their place, or move the file away to begin anew.</source>
        <translation>Das Material in %1 ist beschädigt und kann nicht gelesen werden: Setzen Sie eine gesicherte Kopie an seine Stelle, oder schieben Sie die Datei weg, um neu zu beginnen.</translation>
    </message>
    <message>
        <source>The materials in %1 were written by a newer Yawning Dune: open them with that version.</source>
        <translation>Das Material in %1 wurde von einem neueren Yawning Dune geschrieben: Öffnen Sie es mit dieser Version.</translation>
    </message>
    <message>
        <source>Another Yawning Dune has the materials in %1 open: close it to change anything, until then they can be read.</source>
        <translation>Ein anderes Yawning Dune hat das Material in %1 geöffnet: Schließen Sie es, um etwas zu ändern; bis dahin kann es gelesen werden.</translation>
    </message>
    <message>
        <source>The materials in %1 may be read and not changed: give yourself the right to write there.</source>
        <translation>Das Material in %1 darf gelesen und nicht geändert werden: Geben Sie sich das Recht, dort zu schreiben.</translation>
    </message>
    <message>
        <source>%1 of the materials in %2 cannot be read and are left out (%3): enter them again, or put a saved copy of the file in its place.</source>
        <translation>%1 Teile des Materials in %2 können nicht gelesen werden und bleiben weg (%3): Geben Sie sie noch einmal ein, oder setzen Sie eine gesicherte Kopie der Datei an ihre Stelle.</translation>
    </message>
    <message>
        <source>The frame in %1 went beyond its picture and has been put right: look at it under Subject.</source>
        <translation>Der Rahmen in %1 ging über sein Bild hinaus und wurde berichtigt: Sehen Sie ihn unter Motiv an.</translation>
    </message>
    <message>
        <source>The %1 cannot be %2: take %3.</source>
        <translation>Für %1 geht %2 nicht: Nehmen Sie %3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no colour: write it as #rrggbb.</source>
        <translation>„%1“ ist keine Farbe: Schreiben Sie sie als #rrggbb.</translation>
    </message>
    <message>
        <source>%1 &quot;%2&quot; is not known: take one of %3.</source>
        <translation>%1 „%2“ ist nicht bekannt: Nehmen Sie eines von %3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; wants more or other words: write %2.</source>
        <translation>„%1“ verlangt mehr oder andere Wörter: Schreiben Sie %2.</translation>
    </message>
    <message>
        <source>There is not enough memory for this: close other programs, or take a smaller picture.</source>
        <translation>Dafür reicht der Speicher nicht: Schließen Sie andere Programme, oder nehmen Sie ein kleineres Bild.</translation>
    </message>
    <message>
        <source>This went wrong (%1), and nothing was changed: save your study and try it another way.</source>
        <translation>Das ging schief (%1), und nichts wurde geändert: Sichern Sie Ihre Studie und versuchen Sie es auf andere Art.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>a few light lines place everything before colour hides the paper</source>
        <translation>ein paar leichte Linien platzieren alles, ehe Farbe das Papier verdeckt</translation>
    </message>
    <message>
        <source>the ground lies under it and is dry</source>
        <translation>der Grund liegt darunter und ist trocken</translation>
    </message>
    <message>
        <source>brings the sheet %1 ΔE00 nearer to what goes over it: fewer layers there</source>
        <translation>bringt das Blatt um %1 ΔE00 näher an das, was darüberkommt: dort weniger Schichten</translation>
    </message>
    <message>
        <source>puts the value down in one colour, %1 ΔE00 nearer to it</source>
        <translation>setzt den Tonwert in einer Farbe, um %1 ΔE00 näher daran</translation>
    </message>
    <message>
        <source>the opposite of what goes over it glints between the strokes</source>
        <translation>der Gegenton zu dem, was darüberkommt, schimmert zwischen den Strichen</translation>
    </message>
    <message>
        <source>you have mixed it so</source>
        <translation>Sie haben es so gemischt</translation>
    </message>
    <message>
        <source>cool under what is dark, so that the shadows stay back</source>
        <translation>kühl unter dem Dunklen, damit die Schatten hinten bleiben</translation>
    </message>
    <message>
        <source>one warm tone holds the picture together</source>
        <translation>ein warmer Ton hält das Bild zusammen</translation>
    </message>
    <message>
        <source>a tone map of the values, %1 ΔE00 nearer to them</source>
        <translation>ein Tonplan der Tonwerte, um %1 ΔE00 näher an ihnen</translation>
    </message>
    <message>
        <source>a finger carries the dry base into the tooth, so that it takes little of it</source>
        <translation>ein Finger trägt die trockene Basis in den Zahn, sodass sie wenig davon nimmt</translation>
    </message>
    <message>
        <source>alcohol carries the dry base into the tooth and binds it</source>
        <translation>Alkohol trägt die trockene Basis in den Zahn und bindet sie</translation>
    </message>
    <message>
        <source>ink reaches the deepest darks, which soft pastel hardly does, and stays visible as a map</source>
        <translation>Tusche reicht in die tiefsten Tiefen, was Softpastell kaum tut, und bleibt als Karte sichtbar</translation>
    </message>
    <message>
        <source>wet before dry: wait %1 min until it is dry</source>
        <translation>nass vor trocken: %1 min warten, bis es trocken ist</translation>
    </message>
    <message>
        <source>over the hard point: the other way round only %1 % of it would hold</source>
        <translation>über die harte Spitze: umgekehrt hielten nur %1 % davon</translation>
    </message>
    <message>
        <source>background before what overlaps it</source>
        <translation>Hintergrund vor dem, was ihn überschneidet</translation>
    </message>
    <message>
        <source>dark before light</source>
        <translation>dunkel vor hell</translation>
    </message>
    <message>
        <source>light base first, the dark over it</source>
        <translation>helle Basis zuerst, das Dunkle darüber</translation>
    </message>
    <message>
        <source>the whole picture moves on together</source>
        <translation>das ganze Bild geht gemeinsam voran</translation>
    </message>
    <message>
        <source>the stick is in the hand already</source>
        <translation>die Kreide ist schon in der Hand</translation>
    </message>
    <message>
        <source>both of a pair together, while the mixture is known</source>
        <translation>beide eines Paars zusammen, solange die Mischung im Sinn ist</translation>
    </message>
    <message>
        <source>highlights and accents come last</source>
        <translation>Glanzlichter und Akzente kommen zuletzt</translation>
    </message>
    <message>
        <source>what the picture is about first, then around it</source>
        <translation>zuerst, wovon das Bild handelt, dann rings darum</translation>
    </message>
    <message>
        <source>one area is finished before the next</source>
        <translation>eine Fläche wird fertig vor der nächsten</translation>
    </message>
    <message>
        <source>black last, so that it dirties nothing</source>
        <translation>Schwarz zuletzt, damit es nichts beschmutzt</translation>
    </message>
    <message>
        <source>joins what lies beneath; clean the tool before the next area</source>
        <translation>verbindet, was darunter liegt; das Werkzeug vor der nächsten Fläche säubern</translation>
    </message>
    <message>
        <source>light areas are blended before dark ones, and never across</source>
        <translation>helle Flächen werden vor dunklen verwischt, und nie hinüber</translation>
    </message>
    <message>
        <source>binds what is loose and gives tooth back for what follows</source>
        <translation>bindet, was lose ist, und gibt Zahn zurück für das Folgende</translation>
    </message>
    <message>
        <source>what lies too thick comes off before more goes on</source>
        <translation>was zu dick liegt, kommt ab, ehe mehr daraufkommt</translation>
    </message>
    <message>
        <source>you lay it at this time</source>
        <translation>Sie legen es zu dieser Zeit</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>Mind</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>Safety</source>
        <translation>Sicherheit</translation>
    </message>
    <message>
        <source>The tooth is up to %1 % full at the end (%2): keep the pressure light, or take a paper that holds more.</source>
        <translation>Der Zahn ist am Ende bis zu %1 % gefüllt (%2): Halten Sie den Druck leicht, oder nehmen Sie ein Papier, das mehr fasst.</translation>
    </message>
    <message>
        <source>The sheet stays %1 ΔE00 from the reference here (%2): other sticks, more layers or finer marks would help.</source>
        <translation>Das Blatt bleibt hier %1 ΔE00 von der Vorlage entfernt (%2): Andere Kreiden, mehr Schichten oder feinere Striche würden helfen.</translation>
    </message>
    <message>
        <source>With pressure and coverage off by %1 %, the picture stays within %2 ΔE00 in the mean.</source>
        <translation>Weichen Druck und Deckung um %1 % ab, so bleibt das Bild im Mittel innerhalb von %2 ΔE00.</translation>
    </message>
    <message>
        <source>The picture with its border does not fit on a sheet of %1, which is %2 × %3 mm: make the sheet smaller at Subject, narrow the border, or take another paper.</source>
        <translation>Das Bild mit seinem Rand passt nicht auf einen Bogen von %1, der %2 × %3 mm misst: Machen Sie unter Motiv das Blatt kleiner, den Rand schmaler, oder nehmen Sie ein anderes Papier.</translation>
    </message>
    <message>
        <source>Your own mixture “%1” serves here: %2.</source>
        <translation>Ihre eigene Mischung „%1“ nützt hier: %2.</translation>
    </message>
    <message numerus="yes">
        <source>The series needs %n sheets of %1; at hand are %2.</source>
        <translation>
            <numerusform>Die Reihe braucht %n Bogen von %1; zur Hand sind %2.</numerusform>
            <numerusform>Die Reihe braucht %n Bogen von %1; zur Hand sind %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing in the tray is as dark as %1: the darks come out %2 of a step too light. Add a dark stick, or lay ink under them.</source>
        <translation>Nichts im Kasten ist so dunkel wie %1: Die Tiefen kommen %2 einer Stufe zu hell heraus. Legen Sie eine dunkle Kreide dazu oder Tusche darunter.</translation>
    </message>
    <message>
        <source>The chosen ground is left out. %1</source>
        <translation>Der gewählte Grund bleibt weg. %1</translation>
    </message>
    <message>
        <source>The ground of %1 is left out. %2</source>
        <translation>Der Grund von %1 bleibt weg. %2</translation>
    </message>
    <message>
        <source>Not everything can be kept: &quot;%1&quot; gave way to &quot;%2&quot;.</source>
        <translation>Nicht alles ist einzuhalten: „%1“ wich „%2“.</translation>
    </message>
    <message>
        <source>No area is marked as what the picture is about: mark one at Subject, and it is laid first.</source>
        <translation>Von keiner Fläche ist gesagt, dass das Bild von ihr handelt: Sagen Sie es unter Motiv, und sie wird zuerst gelegt.</translation>
    </message>
    <message numerus="yes">
        <source>There are no pencils or hard sticks to go over the base: %n layers are of softer sticks.</source>
        <translation>
            <numerusform>Es gibt keine Stifte oder harten Kreiden für über der Basis: %n Schicht ist aus weicheren Kreiden.</numerusform>
            <numerusform>Es gibt keine Stifte oder harten Kreiden für über der Basis: %n Schichten sind aus weicheren Kreiden.</numerusform>
        </translation>
    </message>
    <message>
        <source>One end of the values hardly shows on this paper before it is covered: check it against the reference more often.</source>
        <translation>Ein Ende der Tonwerte zeigt sich auf diesem Papier kaum, ehe es bedeckt ist: Vergleichen Sie öfter mit der Vorlage.</translation>
    </message>
    <message>
        <source>Never blow dust: tap it off into a bin or a damp tray and wipe wet. Work upright, wear gloves or barrier cream, do not eat, keep away from children and pets. Follow each product&apos;s label and safety data sheet, and your local rules.</source>
        <translation>Staub nie pusten: in einen Eimer oder eine feuchte Schale abklopfen und feucht wischen. Aufrecht arbeiten, Handschuhe oder Schutzcreme tragen, nicht essen, von Kindern und Haustieren fernhalten. Etikett und Sicherheitsdatenblatt jedes Produkts und örtliche Regeln befolgen.</translation>
    </message>
    <message>
        <source>Marked for toxic pigments: %1. Wear gloves, make no dust, and follow the label and the safety data sheet.</source>
        <translation>Wegen giftiger Pigmente gekennzeichnet: %1. Handschuhe tragen, keinen Staub machen, Etikett und Sicherheitsdatenblatt befolgen.</translation>
    </message>
    <message>
        <source>Let washes dry by themselves, or keep a heat gun moving and off scorching: it burns paper and skin. With alcohol or fixative: outdoors or with strong ventilation, no flame, no heat gun until the solvent is gone.</source>
        <translation>Lavierungen von selbst trocknen lassen, oder eine Heißluftpistole in Bewegung und unter dem Versengen halten: Sie verbrennt Papier und Haut. Bei Alkohol oder Fixativ: im Freien oder mit starker Lüftung, keine Flamme, keine Heißluftpistole, bis das Lösemittel weg ist.</translation>
    </message>
    <message>
        <source>Matched under %1, but up to %2 ΔE00 from the reference under %3 (%4): look at these there, or choose to plan for that light.</source>
        <translation>Abgestimmt unter %1, aber unter %3 bis zu %2 ΔE00 von der Vorlage entfernt (%4): Sehen Sie diese dort an, oder lassen Sie für jenes Licht planen.</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits here (%2) and draws the eye away from what the picture is about, which has %3: close it here, or open it there.</source>
        <translation>Der stärkste Kontrast, %1 Stufen, sitzt hier (%2) und zieht das Auge von dem weg, wovon das Bild handelt, das %3 hat: Schließen Sie ihn hier, oder öffnen Sie ihn dort.</translation>
    </message>
    <message>
        <source>Follow the arrows with the strokes: %1.</source>
        <translation>Mit den Strichen den Pfeilen folgen: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n sticks are few for this picture: a larger set would come nearer.</source>
        <translation>
            <numerusform>%n Kreide ist wenig für dieses Bild: Eine größere Auswahl käme näher.</numerusform>
            <numerusform>%n Kreiden sind wenige für dieses Bild: Eine größere Auswahl käme näher.</numerusform>
        </translation>
    </message>
    <message>
        <source>The tooth is %1 % full here at the end, %2 % before the last layer: fixative there, dried, brings that to %3 %. A level lighter throughout it ends at %4 %.</source>
        <translation>Der Zahn ist hier am Ende zu %1 % gefüllt, zu %2 % vor der letzten Schicht: Fixativ dort, getrocknet, bringt das auf %3 %. Überall eine Stufe leichter, endet er bei %4 %.</translation>
    </message>
    <message>
        <source>On %1 the same would fill %2 %.</source>
        <translation>Auf %1 füllte dasselbe %2 %.</translation>
    </message>
    <message>
        <source>Do not rest the hand on what is finished (%1): put glassine under the hand, or use a rest stick.</source>
        <translation>Die Hand nicht auf Fertiges legen (%1): Pergamin unter die Hand, oder ein Malstock.</translation>
    </message>
    <message>
        <source>low key</source>
        <translation>dunkler Grundton</translation>
    </message>
    <message>
        <source>high key</source>
        <translation>heller Grundton</translation>
    </message>
    <message>
        <source>middle key</source>
        <translation>mittlerer Grundton</translation>
    </message>
    <message>
        <source>narrow</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>middle range</source>
        <translation>mittlerer Umfang</translation>
    </message>
    <message>
        <source>%1, %2, darkest at %3</source>
        <translation>%1, %2, am dunkelsten bei %3</translation>
    </message>
    <message>
        <source>%1, %2 to %3</source>
        <translation>%1, %2 bis %3</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>Himmel</translation>
    </message>
    <message>
        <source>foliage</source>
        <translation>Laub</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>fur or feather</source>
        <translation>Fell oder Federn</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>Auge</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>Metall</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>cloth</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>stone</source>
        <translation>Stein</translation>
    </message>
    <message>
        <source>A sky is darker and bluer on top, lighter and warmer near the horizon and the sun.</source>
        <translation>Ein Himmel ist oben dunkler und blauer, heller und wärmer nahe dem Horizont und der Sonne.</translation>
    </message>
    <message>
        <source>Leaves are suggested in blocks of value, never copied; the greens come late.</source>
        <translation>Blätter werden in Tonwertblöcken angedeutet, nie abgeschrieben; das Grün kommt spät.</translation>
    </message>
    <message>
        <source>Skin wants a cool accent: a blue in the shadow makes the lights glow.</source>
        <translation>Haut verlangt einen kühlen Akzent: Ein Blau im Schatten lässt die Lichter glühen.</translation>
    </message>
    <message>
        <source>Strokes follow the fur or the feather, in blocks; single hairs and whiskers come last.</source>
        <translation>Striche folgen dem Fell oder der Feder, in Blöcken; einzelne Haare und Schnurrhaare kommen zuletzt.</translation>
    </message>
    <message>
        <source>Pair it with the other eye: both are laid together, or the mixture is forgotten hours later.</source>
        <translation>Mit dem anderen Auge paaren: Beide werden zusammen gelegt, sonst ist die Mischung Stunden später vergessen.</translation>
    </message>
    <message>
        <source>Its highlights are few, small and hard-edged, and come last.</source>
        <translation>Seine Glanzlichter sind wenige, klein und hart, und kommen zuletzt.</translation>
    </message>
    <message>
        <source>Strokes follow the folds; a pattern is suggested, never copied.</source>
        <translation>Striche folgen den Falten; ein Muster wird angedeutet, nie abgeschrieben.</translation>
    </message>
    <message>
        <source>Strokes follow the water&apos;s surface or its fall.</source>
        <translation>Striche folgen der Wasserfläche oder ihrem Fall.</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Gesicht</translation>
    </message>
    <message>
        <source>cat&apos;s face</source>
        <translation>Katzengesicht</translation>
    </message>
    <message>
        <source>left eye</source>
        <translation>linkes Auge</translation>
    </message>
    <message>
        <source>right eye</source>
        <translation>rechtes Auge</translation>
    </message>
    <message>
        <source>Taken for a face by its lights and darks: brow, eyes, nose and mouth where a face has them.</source>
        <translation>Für ein Gesicht gehalten nach Hell und Dunkel: Brauen, Augen, Nase und Mund, wo ein Gesicht sie hat.</translation>
    </message>
    <message>
        <source>Taken for a cat&apos;s face by its lights and darks.</source>
        <translation>Für ein Katzengesicht gehalten nach Hell und Dunkel.</translation>
    </message>
    <message>
        <source>Taken for one of a pair of eyes, level and alike in size, in the upper part of a face.</source>
        <translation>Für eines von zwei Augen gehalten, auf gleicher Höhe und gleich groß, im oberen Teil eines Gesichts.</translation>
    </message>
    <message>
        <source>Taken for sky: it reaches the upper edge, is smooth, and is blue or a light grey.</source>
        <translation>Für Himmel gehalten: Er reicht an den oberen Rand, ist glatt und blau oder hellgrau.</translation>
    </message>
    <message>
        <source>Taken for water: it lies below the sky, is blue, and its streaks lie level.</source>
        <translation>Für Wasser gehalten: Es liegt unter dem Himmel, ist blau, und seine Streifen liegen waagrecht.</translation>
    </message>
    <message>
        <source>Taken for foliage: it is green and broken up.</source>
        <translation>Für Laub gehalten: Es ist grün und zerklüftet.</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>lost</source>
        <translation>verloren</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 gegen %2</translation>
    </message>
    <message>
        <source>Its edges: %1.</source>
        <translation>Ihre Kanten: %1.</translation>
    </message>
    <message>
        <source>it reaches the upper edge</source>
        <translation>sie reicht an den oberen Rand</translation>
    </message>
    <message>
        <source>it stands low</source>
        <translation>sie steht tief</translation>
    </message>
    <message>
        <source>it stands before %1</source>
        <translation>sie steht vor %1</translation>
    </message>
    <message>
        <source>it lies behind %1</source>
        <translation>sie liegt hinter %1</translation>
    </message>
    <message>
        <source>it is sharper than most</source>
        <translation>sie ist schärfer als die meisten</translation>
    </message>
    <message>
        <source>it is calmer than most</source>
        <translation>sie ist ruhiger als die meisten</translation>
    </message>
    <message>
        <source>background</source>
        <translation>Hintergrund</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mittelgrund</translation>
    </message>
    <message>
        <source>foreground</source>
        <translation>Vordergrund</translation>
    </message>
    <message>
        <source>Nearest to the subject</source>
        <translation>Dem Motiv am nächsten</translation>
    </message>
    <message>
        <source>Even steps</source>
        <translation>Gleiche Stufen</translation>
    </message>
    <message>
        <source>Darks as one shape</source>
        <translation>Dunkel als eine Form</translation>
    </message>
    <message>
        <source>Lights as one shape</source>
        <translation>Hell als eine Form</translation>
    </message>
    <message>
        <source>The masses part where the squared distance from the subject is the least possible.</source>
        <translation>Die Massen trennen sich, wo der quadrierte Abstand vom Motiv der kleinstmögliche ist.</translation>
    </message>
    <message>
        <source>The masses stand equally far from each other on the ladder, whatever share of the picture they hold.</source>
        <translation>Die Massen stehen auf der Leiter gleich weit voneinander, gleich welchen Anteil des Bildes sie halten.</translation>
    </message>
    <message>
        <source>Everything dark is one shape; the steps are spent on the lights. Strong and simple, good for lit subjects.</source>
        <translation>Alles Dunkle ist eine Form; die Stufen gehören den Lichtern. Stark und einfach, gut für beleuchtete Motive.</translation>
    </message>
    <message>
        <source>Everything light is one shape; the steps are spent on the darks. Good for mist, snow and white cloth.</source>
        <translation>Alles Helle ist eine Form; die Stufen gehören den Tiefen. Gut für Dunst, Schnee und weißes Tuch.</translation>
    </message>
    <message>
        <source>evenly lit</source>
        <translation>gleichmäßig beleuchtet</translation>
    </message>
    <message>
        <source>warm light, cool shadow</source>
        <translation>warmes Licht, kühler Schatten</translation>
    </message>
    <message>
        <source>cool light, warm shadow</source>
        <translation>kühles Licht, warmer Schatten</translation>
    </message>
    <message>
        <source>light and shadow alike</source>
        <translation>Licht und Schatten gleich</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits where it should: at what the picture is about.</source>
        <translation>Der stärkste Kontrast, %1 Stufen, sitzt, wo er soll: bei dem, wovon das Bild handelt.</translation>
    </message>
    <message>
        <source>The contrast at what the picture is about, %1 steps, is as strong as any.</source>
        <translation>Der Kontrast bei dem, wovon das Bild handelt, %1 Stufen, ist so stark wie jeder andere.</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits at &quot;%2&quot; and draws the eye there; what the picture is about has %3. Close the contrast there, or open it at the focal area.</source>
        <translation>Der stärkste Kontrast, %1 Stufen, sitzt bei „%2“ und zieht das Auge dorthin; wovon das Bild handelt, hat %3. Schließen Sie den Kontrast dort, oder öffnen Sie ihn am Blickpunkt.</translation>
    </message>
    <message>
        <source>%1: its darks are %2 steps darker than those in front. Lighter and greyer with distance.</source>
        <translation>%1: Seine Tiefen sind %2 Stufen dunkler als die davor. Heller und grauer mit der Entfernung.</translation>
    </message>
    <message>
        <source>%1 is %2 times as hard as what stands in front. Softer, with less contrast, with distance.</source>
        <translation>%1 ist %2-mal so hart wie das, was davor steht. Weicher, mit weniger Kontrast, mit der Entfernung.</translation>
    </message>
    <message>
        <source>%1 is warmer than what stands in front, by %2 CIELAB units. Bluer and greyer with distance.</source>
        <translation>%1 ist wärmer als das, was davor steht, um %2 CIELAB-Einheiten. Blauer und grauer mit der Entfernung.</translation>
    </message>
    <message>
        <source>left side of %1</source>
        <translation>linke Seite: %1</translation>
    </message>
    <message>
        <source>right side of %1</source>
        <translation>rechte Seite: %1</translation>
    </message>
    <message>
        <source>top of %1</source>
        <translation>Oberkante: %1</translation>
    </message>
    <message>
        <source>foot of %1</source>
        <translation>Fuß: %1</translation>
    </message>
    <message>
        <source>middle of %1</source>
        <translation>Mitte: %1</translation>
    </message>
    <message>
        <source>%1 (%2 mm off)</source>
        <translation>%1 (%2 mm daneben)</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1, %2 units</source>
        <translation>%1, %2 Einheiten</translation>
    </message>
    <message>
        <source>chroma %1&#xa0;%</source>
        <translation>Buntheit&#xa0;%1&#xa0;%</translation>
    </message>
    <message>
        <source>contrast %1&#xa0;%</source>
        <translation>Kontrast&#xa0;%1&#xa0;%</translation>
    </message>
    <message>
        <source>%1 steps lighter</source>
        <translation>%1 Stufen heller</translation>
    </message>
    <message>
        <source>%1 steps darker</source>
        <translation>%1 Stufen dunkler</translation>
    </message>
    <message>
        <source>warmer by %1</source>
        <translation>wärmer um %1</translation>
    </message>
    <message>
        <source>cooler by %1</source>
        <translation>kühler um %1</translation>
    </message>
    <message>
        <source>press</source>
        <translation>drücken</translation>
    </message>
    <message>
        <source>%1 %2 %3</source>
        <translation>%1 %2 %3</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>B</source>
        <translation>B</translation>
    </message>
    <message>
        <source>C</source>
        <translation>C</translation>
    </message>
    <message>
        <source>P</source>
        <translation>P</translation>
    </message>
    <message>
        <source>%1 ×%2</source>
        <translation>%1 ×%2</translation>
    </message>
    <message>
        <source>bare</source>
        <translation>bloß</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers</source>
        <translation>
            <numerusform>%1, %n Schicht</numerusform>
            <numerusform>%1, %n Schichten</numerusform>
        </translation>
    </message>
    <message>
        <source>%1. %2.</source>
        <translation>%1. %2.</translation>
    </message>
    <message>
        <source>Left bare</source>
        <translation>Bloß gelassen</translation>
    </message>
    <message>
        <source>; over it </source>
        <translation>; darüber </translation>
    </message>
    <message>
        <source>The paper&apos;s own colour: %1.</source>
        <translation>Die eigene Farbe des Papiers: %1.</translation>
    </message>
    <message>
        <source>as light as the bare paper</source>
        <translation>so hell wie das bloße Papier</translation>
    </message>
    <message>
        <source>%1 steps lighter than the bare paper</source>
        <translation>%1 Stufen heller als das bloße Papier</translation>
    </message>
    <message>
        <source>%1 steps darker than the bare paper</source>
        <translation>%1 Stufen dunkler als das bloße Papier</translation>
    </message>
    <message>
        <source>%1, %2. The tooth is then filled to %3 %.</source>
        <translation>%1, %2. Der Zahn ist dann zu %3 % gefüllt.</translation>
    </message>
    <message>
        <source>Its tooth holds %1 times, and takes off a stick %2 times, what is usual for %3.</source>
        <translation>Sein Zahn fasst das %1-Fache und nimmt das %2-Fache von der Kreide, verglichen mit Üblichem bei: %3.</translation>
    </message>
    <message>
        <source>Its colour against what was known: %1.</source>
        <translation>Seine Farbe gegenüber dem Bekannten: %1.</translation>
    </message>
    <message>
        <source>Its tooth holds %1 times what is usual for %2, give or take %3 %; so far %4 was taken for it.</source>
        <translation>Sein Zahn fasst das %1-Fache des Üblichen (%2), auf %3 % genau; bisher galt %4.</translation>
    </message>
    <message>
        <source>It takes %1 times as much off a stick, give or take %2 %; so far %3.</source>
        <translation>Es nimmt das %1-Fache von der Kreide, auf %2 % genau; bisher %3.</translation>
    </message>
    <message>
        <source>What was laid differs from what was expected by %1 in the mean; with this paper as read, by %2.</source>
        <translation>Das Gelegte weicht vom Erwarteten im Mittel um %1 ab; mit diesem Papier, wie gelesen, um %2.</translation>
    </message>
    <message>
        <source>That is much: see whether the sticks lie in the right fields and the offcut is the right paper.</source>
        <translation>Das ist viel: Sehen Sie nach, ob die Kreiden in den richtigen Feldern liegen und der Abschnitt das richtige Papier ist.</translation>
    </message>
    <message>
        <source>blended with a finger at %1</source>
        <translation>mit einem Finger verwischt, %1</translation>
    </message>
    <message>
        <source>lifted with a putty eraser at %1</source>
        <translation>mit einem Knetgummi abgehoben, %1</translation>
    </message>
    <message>
        <source>%1 slides on the loose pigment beneath: %2 % of it holds. Blend or fix first, or lay it earlier.</source>
        <translation>%1 rutscht auf dem losen Pigment darunter: %2 % halten. Zuerst verwischen oder fixieren, oder es früher legen.</translation>
    </message>
    <message>
        <source>%1 slides, as the tooth is nearly full: %2 % of it holds.</source>
        <translation>%1 rutscht, da der Zahn fast voll ist: %2 % halten.</translation>
    </message>
    <message>
        <source>Value %1, chroma %2.</source>
        <translation>Tonwert %1, Buntheit %2.</translation>
    </message>
    <message>
        <source>Among its neighbours it looks %1 of a step lighter than it is.</source>
        <translation>Unter seinen Nachbarn sieht es um %1 einer Stufe heller aus, als es ist.</translation>
    </message>
    <message>
        <source>Among its neighbours it looks %1 of a step darker than it is.</source>
        <translation>Unter seinen Nachbarn sieht es um %1 einer Stufe dunkler aus, als es ist.</translation>
    </message>
    <message>
        <source>%1 % of the tooth is left.</source>
        <translation>%1 % des Zahns sind übrig.</translation>
    </message>
    <message>
        <source>Against what is wanted: %1 (%2).</source>
        <translation>Gegen das Gesuchte: %1 (%2).</translation>
    </message>
    <message>
        <source>%1 and %2 calm each other: chroma %3 is left.</source>
        <translation>%1 und %2 beruhigen einander: Buntheit %3 bleibt.</translation>
    </message>
    <message>
        <source>%1 turns the %2 beneath to a hue between.</source>
        <translation>%1 dreht das darunterliegende %2 zu einem Farbton dazwischen.</translation>
    </message>
    <message>
        <source>%1 shades the %2 beneath.</source>
        <translation>%1 verdunkelt das darunterliegende %2.</translation>
    </message>
    <message>
        <source>%1 tints the %2 beneath.</source>
        <translation>%1 hellt das darunterliegende %2 auf.</translation>
    </message>
    <message>
        <source>%1 and %2 give a duller colour: chroma %3.</source>
        <translation>%1 und %2 ergeben eine stumpfere Farbe: Buntheit %3.</translation>
    </message>
    <message>
        <source>%1 over %2 is nearly the same: it evens the layer out.</source>
        <translation>%1 über %2 ist fast dasselbe: Es ebnet die Schicht.</translation>
    </message>
    <message>
        <source>The hatched lines stay apart and mix in the eye.</source>
        <translation>Die schraffierten Linien bleiben getrennt und mischen sich im Auge.</translation>
    </message>
    <message>
        <source>The paper shows through with %1 % of the light: %2.</source>
        <translation>Das Papier scheint mit %1 % des Lichts durch: %2.</translation>
    </message>
    <message>
        <source>What was laid differs from what was expected by %1 in the mean; with sticks and papers as read, by %2.</source>
        <translation>Das Gelegte weicht vom Erwarteten im Mittel um %1 ab; mit Kreiden und Papieren, wie gelesen, um %2.</translation>
    </message>
    <message>
        <source>You lay %1 times as much as a usual hand.</source>
        <translation>Sie legen %1-mal so viel wie eine übliche Hand.</translation>
    </message>
    <message>
        <source>That is much: see whether the strokes lie in the right fields.</source>
        <translation>Das ist viel: Sehen Sie nach, ob die Striche in den richtigen Feldern liegen.</translation>
    </message>
    <message>
        <source>%1, against what was known: %2 (give or take %3); it hides %4 times as well as is usual, so far %5 was taken for it.</source>
        <translation>%1, gegenüber dem Bekannten: %2 (auf %3 genau); es deckt %4-mal so gut wie üblich, bisher galt %5.</translation>
    </message>
    <message>
        <source>Its colour against what was known: %1. Its tooth holds %2 times and takes off a stick %3 times what is usual for %4; so far %5 and %6.</source>
        <translation>Seine Farbe gegenüber dem Bekannten: %1. Sein Zahn fasst das %2-Fache und nimmt das %3-Fache von der Kreide, verglichen mit Üblichem bei: %4; bisher galten %5 und %6.</translation>
    </message>
    <message>
        <source>laid</source>
        <comment>surface of a paper</comment>
        <translation>gerippt</translation>
    </message>
    <message>
        <source>deep</source>
        <comment>of a colour</comment>
        <translation>tiefes</translation>
    </message>
    <message>
        <source>dark</source>
        <comment>of a colour</comment>
        <translation>dunkles</translation>
    </message>
    <message>
        <source>light</source>
        <comment>of a colour</comment>
        <translation>helles</translation>
    </message>
    <message>
        <source>pale</source>
        <comment>of a colour</comment>
        <translation>blasses</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a colour: light, red</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>first</source>
        <comment>an answer</comment>
        <translation>das erste</translation>
    </message>
    <message>
        <source>wide</source>
        <comment>a range of values</comment>
        <translation>weit</translation>
    </message>
    <message>
        <source>%1 mm across, %2 mm from the left and %3 mm from the top: %4, %5.</source>
        <translation>%1 mm breit, %2 mm von links und %3 mm von oben: %4, %5.</translation>
    </message>
</context>
</TS>
