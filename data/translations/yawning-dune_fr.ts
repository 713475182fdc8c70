<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
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
        <translation>Dessin de construction</translation>
    </message>
    <message>
        <source>%1: row %2 of %3, column %4 of %5; print at 100 %, lay cross on cross</source>
        <translation>%1&#xa0;: rangée %2 sur %3, colonne %4 sur %5&#xa0;; imprimer à 100 %, poser croix sur croix</translation>
    </message>
    <message>
        <source>Test card of papers</source>
        <translation>Carte-test des papiers</translation>
    </message>
    <message>
        <source>If a later layer slides off where it should still register, the tooth holds less than is thought; if a single stroke is stronger or weaker, the paper takes more or less off the stick. Read the photograph at Paper, and the program knows this paper.</source>
        <translation>Si une couche tardive glisse là où elle devrait encore prendre, le grain tient moins qu&apos;on ne croit&#xa0;; si un trait isolé est plus fort ou plus faible, le papier prend plus ou moins au bâton. Faites lire la photo à Papier, et le programme connaît ce papier.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Exercices</translation>
    </message>
    <message>
        <source>Swatch card</source>
        <translation>Nuancier</translation>
    </message>
    <message>
        <source>Trial card</source>
        <translation>Carte d&apos;essai</translation>
    </message>
    <message>
        <source>Read the photograph at the trial sheet: what was laid stands there beside what was expected, and the program learns your sticks and papers from it.</source>
        <translation>Faites lire la photo à la feuille d&apos;essai&#xa0;: ce qui a été posé s&apos;y trouve à côté de ce qui était attendu, et le programme en apprend vos bâtons et vos papiers.</translation>
    </message>
</context>
<context>
    <name>app</name>
    <message>
        <source>Photographs (*.jpg *.jpeg *.png *.tif *.tiff *.webp)</source>
        <translation>Photos (*.jpg *.jpeg *.png *.tif *.tiff *.webp)</translation>
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
        <translation>%1&#xa0;: %2</translation>
    </message>
</context>
<context>
    <name>app::ApproachLeaf</name>
    <message>
        <source>Approach</source>
        <translation>Démarche</translation>
    </message>
    <message>
        <source>Save under a name</source>
        <translation>Enregistrer sous un nom</translation>
    </message>
    <message>
        <source>Keeps these answers, to be taken in any study.</source>
        <translation>Garde ces réponses, pour les reprendre dans toute étude.</translation>
    </message>
    <message>
        <source>Forget this one</source>
        <translation>Oublier celle-ci</translation>
    </message>
    <message>
        <source>Save the approach</source>
        <translation>Enregistrer la démarche</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Son nom</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>answers of your own</source>
        <translation>réponses à soi</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>comme prévu</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>à l&apos;essai</translation>
    </message>
    <message>
        <source>As planned: %1</source>
        <translation>Comme prévu&#xa0;: %1</translation>
    </message>
    <message>
        <source>Your way</source>
        <translation>Votre manière</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Against the plan as it is: %1.</source>
        <translation>Par rapport au plan actuel&#xa0;: %1.</translation>
    </message>
    <message>
        <source>No answer is right or wrong. Each says what it would change in this picture: how near the finished sheet comes, how many layers it takes, and how long, on the paper and the ground of the plan as it is.</source>
        <translation>Aucune réponse n&apos;est juste ou fausse. Chacune dit ce qu&apos;elle changerait dans ce tableau&#xa0;: à quelle distance arrive la feuille finie, combien de couches et de temps il faut, sur le papier et le fond du plan actuel.</translation>
    </message>
    <message>
        <source>Ways of working: those that ship, and your own.</source>
        <translation>Façons de travailler&#xa0;: celles fournies, et les vôtres.</translation>
    </message>
    <message>
        <source>Takes this approach off the list; studies that have it keep it.</source>
        <translation>Ôte cette démarche de la liste&#xa0;; les études qui l&apos;ont la gardent.</translation>
    </message>
</context>
<context>
    <name>app::AreasLeaf</name>
    <message>
        <source>Areas proposed</source>
        <translation>Zones proposées</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Zones</translation>
    </message>
    <message>
        <source>Fewer or more areas</source>
        <translation>Moins ou plus de zones</translation>
    </message>
    <message>
        <source>Each step parts one area in two, or joins two.</source>
        <translation>Chaque pas divise une zone en deux, ou en réunit deux.</translation>
    </message>
    <message>
        <source>Propose anew</source>
        <translation>Proposer de nouveau</translation>
    </message>
    <message>
        <source>This study&apos;s areas were proposed by colour alone. Now things are told from their shadows; what was corrected and named is kept by its place.</source>
        <translation>Les zones de cette étude ont été proposées par la seule couleur. On distingue maintenant les choses de leurs ombres&#xa0;; ce qui a été corrigé et nommé garde sa place.</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Nombre de zones</translation>
    </message>
    <message>
        <source>Areas proposed anew</source>
        <translation>Zones proposées de nouveau</translation>
    </message>
    <message>
        <source>By scribbles</source>
        <translation>Par gribouillis</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Réunir des zones</translation>
    </message>
    <message>
        <source>All areas that the scribbles touch become one.</source>
        <translation>Toutes les zones que touchent les traits n&apos;en font plus qu&apos;une.</translation>
    </message>
    <message>
        <source>Part the area</source>
        <translation>Diviser la zone</translation>
    </message>
    <message>
        <source>Scribble once on each part: it is parted where its colours change most between them.</source>
        <translation>Un trait sur chaque partie&#xa0;: elle est divisée là où ses couleurs changent le plus entre eux.</translation>
    </message>
    <message>
        <source>Part an area</source>
        <translation>Diviser une zone</translation>
    </message>
    <message>
        <source>New area</source>
        <translation>Nouvelle zone</translation>
    </message>
    <message>
        <source>What the scribble goes round becomes an area of its own.</source>
        <translation>Ce que le trait entoure devient une zone à part.</translation>
    </message>
    <message>
        <source>Move the border</source>
        <translation>Déplacer la limite</translation>
    </message>
    <message>
        <source>Begin in the area that is to grow, and go round what it is to take from its neighbours.</source>
        <translation>Commencez dans la zone qui doit grandir, et entourez ce qu&apos;elle doit prendre à ses voisines.</translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation>Déplacer une limite</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Détourer</translation>
    </message>
    <message>
        <source>Go loosely round the subject: it is cut out of its background by its colours.</source>
        <translation>Faites largement le tour du sujet&#xa0;: il est détouré de son fond par ses couleurs.</translation>
    </message>
    <message>
        <source>Cut the subject out</source>
        <translation>Détourer le sujet</translation>
    </message>
    <message>
        <source>Strokes run so</source>
        <translation>Sens des traits</translation>
    </message>
    <message>
        <source>Each scribble becomes an arrow: strokes follow it in the area where it begins.</source>
        <translation>Chaque trait devient une flèche&#xa0;: les traits la suivent dans la zone où elle commence.</translation>
    </message>
    <message>
        <source>Wipe off</source>
        <translation>Effacer</translation>
    </message>
    <message>
        <source>Takes the scribbles off again.</source>
        <translation>Enlève les traits.</translation>
    </message>
    <message>
        <source>The chosen area</source>
        <translation>La zone choisie</translation>
    </message>
    <message>
        <source>Join with…</source>
        <translation>Réunir avec…</translation>
    </message>
    <message>
        <source>Then click on the area that is to be one with it.</source>
        <translation>Puis cliquez sur la zone qui doit ne faire qu&apos;une avec elle.</translation>
    </message>
    <message>
        <source>Pair with…</source>
        <translation>Apparier avec…</translation>
    </message>
    <message>
        <source>Then click on its fellow, as the other eye: both are planned as one.</source>
        <translation>Puis cliquez sur sa semblable, comme l&apos;autre œil&#xa0;: les deux sont planifiées ensemble.</translation>
    </message>
    <message>
        <source>Plan it apart</source>
        <translation>Planifier à part</translation>
    </message>
    <message>
        <source>It is no longer one of a pair.</source>
        <translation>Elle ne fait plus partie d&apos;une paire.</translation>
    </message>
    <message>
        <source>No arrows in it</source>
        <translation>Sans flèches</translation>
    </message>
    <message>
        <source>No face</source>
        <translation>Pas un visage</translation>
    </message>
    <message>
        <source>What was taken for a face here is none: its areas are given back.</source>
        <translation>Ce qu&apos;on a pris ici pour un visage n&apos;en est pas un&#xa0;: ses zones sont rendues.</translation>
    </message>
    <message>
        <source>as it is seen</source>
        <translation>comme on le voit</translation>
    </message>
    <message>
        <source>with…</source>
        <translation>avec…</translation>
    </message>
    <message>
        <source>Then click on the area that it meets there.</source>
        <translation>Puis cliquez sur la zone qu&apos;elle touche là.</translation>
    </message>
    <message>
        <source>Make its edge</source>
        <translation>Faire son bord</translation>
    </message>
    <message>
        <source>Another reference comes up: draw a diagonal over the part whose colours the area takes.</source>
        <translation>Une autre référence apparaît&#xa0;: tracez une diagonale sur la partie dont la zone prend les couleurs.</translation>
    </message>
    <message>
        <source>takes its colours from</source>
        <translation>prend ses couleurs de</translation>
    </message>
    <message>
        <source>No arrows</source>
        <translation>Sans flèches</translation>
    </message>
    <message>
        <source>Colours of its own</source>
        <translation>Ses propres couleurs</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>C&apos;est</translation>
    </message>
    <message>
        <source>Area&apos;s name</source>
        <translation>Nom de la zone</translation>
    </message>
    <message>
        <source>of</source>
        <translation>genre</translation>
    </message>
    <message>
        <source>Area&apos;s kind</source>
        <translation>Genre de la zone</translation>
    </message>
    <message>
        <source>in the</source>
        <translation>au</translation>
    </message>
    <message>
        <source>Area&apos;s plane</source>
        <translation>Plan de la zone</translation>
    </message>
    <message>
        <source>What the picture is about</source>
        <translation>Ce dont parle le tableau</translation>
    </message>
    <message>
        <source>Direction of the strokes</source>
        <translation>Direction des traits</translation>
    </message>
    <message>
        <source>Plan an area apart</source>
        <translation>Planifier une zone à part</translation>
    </message>
    <message>
        <source>Edge between two areas</source>
        <translation>Bord entre deux zones</translation>
    </message>
    <message>
        <source>Pair two areas</source>
        <translation>Apparier deux zones</translation>
    </message>
    <message>
        <source>Colours from another reference</source>
        <translation>Couleurs d&apos;une autre référence</translation>
    </message>
    <message>
        <source>this picture</source>
        <translation>ce tableau</translation>
    </message>
    <message>
        <source>pair</source>
        <translation>paire</translation>
    </message>
    <message>
        <source>Draw a diagonal over the part of this reference whose colours the area takes, from its darkest to its lightest. &quot;this picture&quot; gives it its own colours back.</source>
        <translation>Tracez une diagonale sur la partie de cette référence dont la zone prend les couleurs, du plus sombre au plus clair. «&#xa0;ce tableau&#xa0;» lui rend ses propres couleurs.</translation>
    </message>
    <message>
        <source>Click on the area that is to be one with the chosen one.</source>
        <translation>Cliquez sur la zone qui doit ne faire qu&apos;une avec la zone choisie.</translation>
    </message>
    <message>
        <source>Click on the area with which the chosen one has this edge.</source>
        <translation>Cliquez sur la zone avec laquelle la zone choisie a ce bord.</translation>
    </message>
    <message>
        <source>Click on the area that is planned as one with the chosen one.</source>
        <translation>Cliquez sur la zone qui est planifiée avec la zone choisie.</translation>
    </message>
    <message numerus="yes">
        <source>%n areas are proposed. Click on one to say what it is; scribble on the picture to correct them.</source>
        <translation>
            <numerusform>%n zone est proposée. Cliquez dessus pour dire ce qu&apos;elle est&#xa0;; gribouillez sur l&apos;image pour la corriger.</numerusform>
            <numerusform>%n zones sont proposées. Cliquez sur l&apos;une d&apos;elles pour dire ce qu&apos;elle est&#xa0;; gribouillez sur l&apos;image pour les corriger.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2 %)</source>
        <translation>%1 (%2 %)</translation>
    </message>
    <message>
        <source>%1 holds %2 % of the picture.</source>
        <translation>%1 occupe %2 % du tableau.</translation>
    </message>
    <message>
        <source>%1 holds less than 1 % of the picture.</source>
        <translation>%1 occupe moins de 1 % du tableau.</translation>
    </message>
    <message>
        <source>It lies in the %1.</source>
        <translation>Plan&#xa0;: %1.</translation>
    </message>
    <message>
        <source>It lies in the %1: %2.</source>
        <translation>Plan&#xa0;: %1&#xa0;; %2.</translation>
    </message>
    <message>
        <source>Its light: %1.</source>
        <translation>Sa lumière&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Planned together with %1: the same layers, in the same steps.</source>
        <translation>Planifiée avec %1&#xa0;: les mêmes couches, aux mêmes étapes.</translation>
    </message>
    <message>
        <source>Its colours come from %1.</source>
        <translation>Ses couleurs viennent de %1.</translation>
    </message>
    <message>
        <source>How many areas are proposed.</source>
        <translation>Combien de zones sont proposées.</translation>
    </message>
    <message>
        <source>Takes the arrows off: strokes follow none in this area.</source>
        <translation>Ôte les flèches&#xa0;: les traits n&apos;en suivent aucune dans cette zone.</translation>
    </message>
    <message>
        <source>How hard the border to a neighbour is: hard, soft or lost. As it is seen: measured from how fast the colours change there.</source>
        <translation>La dureté du bord avec une voisine&#xa0;: dur, doux ou perdu. Comme on le voit&#xa0;: mesuré à la vitesse où les couleurs y changent.</translation>
    </message>
    <message>
        <source>What you call this area: the plan and the log name it so.</source>
        <translation>Le nom que vous donnez à cette zone&#xa0;: plan et journal la nomment ainsi.</translation>
    </message>
    <message>
        <source>What it is: the plan gives advice for it and lays its strokes accordingly.</source>
        <translation>Ce qu&apos;elle est&#xa0;: le plan conseille en conséquence et pose ses traits ainsi.</translation>
    </message>
    <message>
        <source>How near it lies: what is behind is laid first, softer and greyer.</source>
        <translation>Si elle est près&#xa0;: ce qui est derrière se pose d&apos;abord, plus doux et plus gris.</translation>
    </message>
    <message>
        <source>It may be finished first, and the strongest contrast is held against it.</source>
        <translation>Elle peut être finie d&apos;abord, et le contraste le plus fort lui est comparé.</translation>
    </message>
    <message numerus="yes">
        <source>%n as corrected</source>
        <translation>
            <numerusform>%n après correction</numerusform>
            <numerusform>%n après correction</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (under 1 %)</source>
        <translation>%1 (moins de 1 %)</translation>
    </message>
</context>
<context>
    <name>app::Beginning</name>
    <message>
        <source>Your picture, measured: areas, values, colours.</source>
        <translation>Votre image, mesurée&#xa0;: zones, valeurs, couleurs.</translation>
    </message>
    <message>
        <source>Paper, sticks, underpainting and each layer, in the order of the work.</source>
        <translation>Papier, bâtons, sous-couche et chaque couche, dans l&apos;ordre du travail.</translation>
    </message>
    <message>
        <source>How the sheet will look, before a stroke is laid.</source>
        <translation>L&apos;aspect de la feuille, avant le premier trait.</translation>
    </message>
    <message>
        <source>Plan a pastel before you touch the paper</source>
        <translation>Planifier un pastel avant de toucher le papier</translation>
    </message>
    <message>
        <source>Open a picture…</source>
        <translation>Ouvrir une image…</translation>
    </message>
    <message>
        <source>or drop a picture or a study anywhere in this window</source>
        <translation>ou déposez une image ou une étude n&apos;importe où dans cette fenêtre</translation>
    </message>
    <message>
        <source>Open a study…</source>
        <translation>Ouvrir une étude…</translation>
    </message>
    <message>
        <source>Try one of these</source>
        <translation>Essayez l&apos;une de celles-ci</translation>
    </message>
    <message>
        <source>Kettle by the window</source>
        <translation>Bouilloire à la fenêtre</translation>
    </message>
    <message>
        <source>a still life, dark and warm</source>
        <translation>une nature morte, sombre et chaude</translation>
    </message>
    <message>
        <source>Tea hills at first light</source>
        <translation>Collines de thé à l&apos;aube</translation>
    </message>
    <message>
        <source>a landscape with mist</source>
        <translation>un paysage de brume</translation>
    </message>
    <message>
        <source>Open last</source>
        <translation>Dernières ouvertes</translation>
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
        <translation>L&apos;étape en cours</translation>
    </message>
    <message>
        <source>as it is laid, so it is kept</source>
        <translation>ce qui est posé est noté</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Posé</translation>
    </message>
    <message>
        <source>The step is laid</source>
        <translation>L&apos;étape est posée</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Reprendre</translation>
    </message>
    <message>
        <source>Take back what was done last</source>
        <translation>Reprendre ce qui a été fait en dernier</translation>
    </message>
    <message>
        <source>Lighter</source>
        <translation>Plus léger</translation>
    </message>
    <message>
        <source>Laid lighter than planned</source>
        <translation>Posé plus légèrement que prévu</translation>
    </message>
    <message>
        <source>Heavier</source>
        <translation>Plus fort</translation>
    </message>
    <message>
        <source>Laid heavier than planned</source>
        <translation>Posé plus fort que prévu</translation>
    </message>
    <message>
        <source>Other stick</source>
        <translation>Autre bâton</translation>
    </message>
    <message>
        <source>Another stick was taken</source>
        <translation>Un autre bâton a été pris</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Passer</translation>
    </message>
    <message>
        <source>Pass this step over</source>
        <translation>Passer cette étape</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>Write a note</source>
        <translation>Écrire une note</translation>
    </message>
    <message>
        <source>Photo</source>
        <translation>Photo</translation>
    </message>
    <message>
        <source>Keep a photograph of the sheet</source>
        <translation>Garder une photo de la feuille</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Pause, or go on</source>
        <translation>Faire une pause, ou reprendre</translation>
    </message>
    <message>
        <source>It is dry</source>
        <translation>C&apos;est sec</translation>
    </message>
    <message>
        <source>What dries longest is dry already: nothing waits for it any more.</source>
        <translation>Ce qui sèche le plus longtemps est déjà sec&#xa0;: plus rien ne l&apos;attend.</translation>
    </message>
    <message>
        <source>Fixed  F</source>
        <translation>Fixé  F</translation>
    </message>
    <message>
        <source>A pass of fixative went over the whole sheet, beside the plan.</source>
        <translation>Du fixatif a été passé sur toute la feuille, hors plan.</translation>
    </message>
    <message>
        <source>The sheet was fixed</source>
        <translation>La feuille a été fixée</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>never</source>
        <translation>jamais</translation>
    </message>
    <message>
        <source>Step back every</source>
        <translation>Prendre du recul toutes les</translation>
    </message>
    <message>
        <source>Sound when dry</source>
        <translation>Son quand c&apos;est sec</translation>
    </message>
    <message>
        <source>Watch a folder</source>
        <translation>Surveiller un dossier</translation>
    </message>
    <message>
        <source>New pictures that a camera puts into a folder are kept by themselves.</source>
        <translation>Les nouvelles images qu&apos;un appareil met dans un dossier sont gardées d&apos;elles-mêmes.</translation>
    </message>
    <message>
        <source>Where new photographs arrive</source>
        <translation>Où arrivent les nouvelles photos</translation>
    </message>
    <message>
        <source>What is left was planned anew: the finished sheet would be %1, and was to be %2.</source>
        <translation>Le reste a été replanifié&#xa0;: la feuille finie serait %1, et devait être %2.</translation>
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
Espace</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Commencer</translation>
    </message>
    <message>
        <source>%1
U</source>
        <translation>%1
U</translation>
    </message>
    <message>
        <source>The sheet is dry</source>
        <translation>La feuille est sèche</translation>
    </message>
    <message>
        <source>Step %1 is dry</source>
        <translation>L&apos;étape %1 est sèche</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Étape %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>A photograph of the sheet as it is now</source>
        <translation>Une photo de la feuille telle qu&apos;elle est</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</source>
        <translation>Images (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Watching %1</source>
        <translation>%1 est surveillé</translation>
    </message>
    <message>
        <source>The fixed sheet</source>
        <translation>La feuille fixée</translation>
    </message>
    <message>
        <source>Dry</source>
        <translation>Sec</translation>
    </message>
    <message>
        <source>%1. Feel it with the back of a finger: what is still cold is not dry.</source>
        <translation>%1. Touchez du dos du doigt&#xa0;: ce qui est encore froid n&apos;est pas sec.</translation>
    </message>
    <message>
        <source>Step back</source>
        <translation>Prenez du recul</translation>
    </message>
    <message>
        <source>What needs to be lighter, darker, warmer? Tap the dust off; rest your eyes and your shoulders.</source>
        <translation>Que faut-il éclaircir, assombrir, réchauffer&#xa0;? Tapotez la poussière&#xa0;; reposez vos yeux et vos épaules.</translation>
    </message>
    <message>
        <source>Subject, mirrored, half-closed eyes</source>
        <translation>Sujet, en miroir, yeux mi-clos</translation>
    </message>
    <message>
        <source>Sheet as planned by now, likewise</source>
        <translation>Feuille prévue à ce stade, de même</translation>
    </message>
    <message>
        <source>slot %1</source>
        <translation>case %1</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>pas commencé</translation>
    </message>
    <message>
        <source>all is laid</source>
        <translation>tout est posé</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n steps</source>
        <translation>
            <numerusform>%1 étape sur %n</numerusform>
            <numerusform>%1 étapes sur %n</numerusform>
        </translation>
    </message>
    <message>
        <source>The step in hand stands here in large letters, to be read from the easel. Space begins, and then says that a step is laid; Backspace takes that back. S: another stick was taken; L and H: laid lighter or heavier; X passes a step over; N is a note, P a photograph, U a pause; F: the sheet was fixed. Whatever you do is kept at once, and what is left is planned from it.</source>
        <translation>L&apos;étape en cours est écrite ici en grand, pour être lue du chevalet. Espace commence, puis dit qu&apos;une étape est posée&#xa0;; Retour arrière la reprend. S&#xa0;: un autre bâton a été pris&#xa0;; L et H&#xa0;: posé plus léger ou plus fort&#xa0;; X passe une étape&#xa0;; N est une note, P une photo, U une pause&#xa0;; F&#xa0;: la feuille a été fixée. Tout ce que vous faites est gardé aussitôt, et le reste est planifié à partir de là.</translation>
    </message>
    <message>
        <source>No plan yet</source>
        <translation>Pas encore de plan</translation>
    </message>
    <message>
        <source>All is laid</source>
        <translation>Tout est posé</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Attendre</translation>
    </message>
    <message>
        <source>You noted here: %1.</source>
        <translation>Vous avez noté ici&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Sheet, all layers laid</source>
        <translation>Feuille, toutes couches posées</translation>
    </message>
    <message>
        <source>Sheet as it is laid by now</source>
        <translation>Feuille telle qu&apos;elle est posée</translation>
    </message>
    <message>
        <source>Where step %1 goes, and how hard</source>
        <translation>Où va l&apos;étape %1, et avec quelle force</translation>
    </message>
    <message>
        <source>Sheet when step %1 is laid</source>
        <translation>Feuille quand l&apos;étape %1 est posée</translation>
    </message>
    <message>
        <source>at the end %1</source>
        <translation>à la fin %1</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Chevalet</translation>
    </message>
    <message>
        <source>After so many minutes of work you are asked to step back and look.</source>
        <translation>Après ce nombre de minutes, on vous demande de prendre du recul et de regarder.</translation>
    </message>
    <message>
        <source>A sound when something that you wait for is dry.</source>
        <translation>Un son quand ce que vous attendez est sec.</translation>
    </message>
</context>
<context>
    <name>app::BenchView</name>
    <message>
        <source>The step in hand</source>
        <translation>L&apos;étape en cours</translation>
    </message>
    <message>
        <source>The plan is being made</source>
        <translation>Le plan se prépare</translation>
    </message>
    <message>
        <source>Its steps stand here as soon as it is there.</source>
        <translation>Ses étapes seront ici dès qu&apos;il sera prêt.</translation>
    </message>
    <message>
        <source>All is laid</source>
        <translation>Tout est posé</translation>
    </message>
    <message>
        <source>Tape off, soften the hard edge, sign with a soft stick, glassine: the Log has the last steps, to be ticked.</source>
        <translation>Ôter l&apos;adhésif, adoucir le bord dur, signer au bâton tendre, papier cristal&#xa0;: le Journal a les dernières étapes, à cocher.</translation>
    </message>
    <message>
        <source>There is no place left that could be worked on meanwhile.</source>
        <translation>Il ne reste aucun endroit où travailler entre-temps.</translation>
    </message>
    <message>
        <source>Wait until it is dry</source>
        <translation>Attendez que ce soit sec</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>dans %1</translation>
    </message>
    <message>
        <source>instead of the plan&apos;s stick</source>
        <translation>au lieu du bâton du plan</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Étape %1 sur %2</translation>
    </message>
    <message>
        <source>of about %1</source>
        <translation>sur environ %1</translation>
    </message>
    <message>
        <source>%1; Space begins</source>
        <translation>%1&#xa0;; Espace commence</translation>
    </message>
    <message>
        <source>at a pause; Space goes on</source>
        <translation>en pause&#xa0;; Espace reprend</translation>
    </message>
    <message>
        <source>being kept …</source>
        <translation>on l&apos;enregistre…</translation>
    </message>
    <message>
        <source>Meanwhile here: an earlier place is not dry.</source>
        <translation>Entre-temps ici&#xa0;: un endroit précédent n&apos;est pas sec.</translation>
    </message>
    <message>
        <source>This is the last step.</source>
        <translation>C&apos;est la dernière étape.</translation>
    </message>
    <message>
        <source>Then: %1; %2</source>
        <translation>Ensuite&#xa0;: %1&#xa0;; %2</translation>
    </message>
</context>
<context>
    <name>app::CardSheet</name>
    <message>
        <source>good</source>
        <translation>bon</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vide</translation>
    </message>
    <message>
        <source>glossy</source>
        <translation>brillant</translation>
    </message>
    <message>
        <source>unsure</source>
        <translation>incertain</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>Rangées de la carte</translation>
    </message>
    <message>
        <source>light</source>
        <translation>léger</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>moyen</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>fort</translation>
    </message>
    <message>
        <source>known so far</source>
        <translation>connu jusqu&apos;ici</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>comme lu</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>à la main</translation>
    </message>
    <message>
        <source>± %1</source>
        <translation>± %1</translation>
    </message>
    <message>
        <source>Swatch card: %1</source>
        <translation>Nuancier&#xa0;: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>La photo est en cours de lecture.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Lecture de la carte</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Reprendre ces lectures</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Les laisser</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>C&apos;est</translation>
    </message>
    <message>
        <source>Colour by hand</source>
        <translation>Couleur à la main</translation>
    </message>
    <message>
        <source>Use the light field</source>
        <translation>Prendre le champ léger</translation>
    </message>
    <message>
        <source>Use the medium field</source>
        <translation>Prendre le champ moyen</translation>
    </message>
    <message>
        <source>Use the heavy field</source>
        <translation>Prendre le champ fort</translation>
    </message>
    <message>
        <source>This is card %1 as it was printed. Look through the rows, then take the readings.</source>
        <translation>C&apos;est la carte %1, telle qu&apos;elle a été imprimée. Parcourez les rangées, puis reprenez les lectures.</translation>
    </message>
    <message>
        <source>This card was not printed from this drawer: its rows are taken for what is shown in the window. Say for each row what it is if they are others.</source>
        <translation>Cette carte n&apos;a pas été imprimée depuis ce tiroir&#xa0;: ses rangées sont prises pour ce que montre la fenêtre. Dites pour chaque rangée ce qu&apos;elle est si c&apos;est autre chose.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>Row %1</source>
        <translation>Rangée %1</translation>
    </message>
    <message>
        <source>It is given to nothing.</source>
        <translation>Elle n&apos;est attribuée à rien.</translation>
    </message>
    <message>
        <source>No field of it can be used.</source>
        <translation>Aucun de ses champs n&apos;est utilisable.</translation>
    </message>
    <message>
        <source>Against what was known: %1.</source>
        <translation>Par rapport à ce qu&apos;on savait&#xa0;: %1.</translation>
    </message>
    <message numerus="yes">
        <source>Take %n readings</source>
        <translation>
            <numerusform>Reprendre %n lecture</numerusform>
            <numerusform>Reprendre %n lectures</numerusform>
        </translation>
    </message>
    <message>
        <source>Read a swatch card</source>
        <translation>Lire un nuancier</translation>
    </message>
    <message numerus="yes">
        <source>%n readings were taken from the card.</source>
        <translation>
            <numerusform>%n lecture a été reprise de la carte.</numerusform>
            <numerusform>%n lectures ont été reprises de la carte.</numerusform>
        </translation>
    </message>
    <message>
        <source>Your hand lays more than is usual (%1 times).</source>
        <translation>Votre main pose plus que d&apos;ordinaire (%1 fois).</translation>
    </message>
    <message>
        <source>Your hand lays less than is usual (%1 times).</source>
        <translation>Votre main pose moins que d&apos;ordinaire (%1 fois).</translation>
    </message>
    <message>
        <source>Your hand lays about as much as is usual.</source>
        <translation>Votre main pose à peu près comme d&apos;ordinaire.</translation>
    </message>
</context>
<context>
    <name>app::ChangesSheet</name>
    <message>
        <source>%1 is kept in the picture</source>
        <translation>%1 est gardé dans le tableau</translation>
    </message>
    <message>
        <source>%1 is left out of the picture</source>
        <translation>%1 est écarté du tableau</translation>
    </message>
    <message>
        <source>%1 is laid in the place of %2</source>
        <translation>%1 est posé à la place de %2</translation>
    </message>
    <message>
        <source>%1: its layers are yours</source>
        <translation>%1&#xa0;: les couches sont de vous</translation>
    </message>
    <message>
        <source>%1: its ground is mixed by you</source>
        <translation>%1&#xa0;: le fond est mélangé par vous</translation>
    </message>
    <message>
        <source>%1: without %2</source>
        <translation>%1&#xa0;: sans %2</translation>
    </message>
    <message>
        <source>%1: layer %2 is laid at another time, as step %3</source>
        <translation>%1&#xa0;: la couche %2 est posée à un autre moment, à l&apos;étape %3</translation>
    </message>
    <message>
        <source>An evening ends after step %1</source>
        <translation>Une soirée finit après l&apos;étape %1</translation>
    </message>
    <message>
        <source>All that you set by hand</source>
        <translation>Tout ce que vous avez réglé à la main</translation>
    </message>
    <message>
        <source>The plan is made around it. What is set back is the plan&apos;s.</source>
        <translation>Le plan se fait autour. Ce qui est remis revient au plan.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Remettre</translation>
    </message>
    <message>
        <source>Set back: %1</source>
        <translation>Remettre&#xa0;: %1</translation>
    </message>
    <message>
        <source>Nothing is left that you have set.</source>
        <translation>Il ne reste rien que vous ayez réglé.</translation>
    </message>
</context>
<context>
    <name>app::CheckStation</name>
    <message>
        <source>What the work wants</source>
        <translation>Ce que demande le travail</translation>
    </message>
    <message>
        <source>read from a photograph of it</source>
        <translation>lu sur une photo</translation>
    </message>
    <message>
        <source>Photograph…</source>
        <translation>Photo…</translation>
    </message>
    <message>
        <source>A photograph of the whole sheet, from straight before it, with some of the board round it</source>
        <translation>Une photo de toute la feuille, bien en face, avec un peu de planche autour</translation>
    </message>
    <message>
        <source>Corners by hand</source>
        <translation>Coins à la main</translation>
    </message>
    <message>
        <source>Set the picture&apos;s four corners in the photograph yourself</source>
        <translation>Placer vous-même les quatre coins du tableau sur la photo</translation>
    </message>
    <message>
        <source>Laid up to step</source>
        <translation>Posé jusqu&apos;à l&apos;étape</translation>
    </message>
    <message>
        <source>Against the plan</source>
        <translation>Contre le plan</translation>
    </message>
    <message>
        <source>Against the subject</source>
        <translation>Contre le sujet</translation>
    </message>
    <message>
        <source>Has it been laid as it was meant?</source>
        <translation>Est-ce posé comme il fallait&#xa0;?</translation>
    </message>
    <message>
        <source>What is left to do?</source>
        <translation>Que reste-t-il à faire&#xa0;?</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Zones</translation>
    </message>
    <message>
        <source>What each area wants, from the worst to the best</source>
        <translation>Ce que demande chaque zone, de la pire à la meilleure</translation>
    </message>
    <message>
        <source>The way</source>
        <translation>Le chemin</translation>
    </message>
    <message>
        <source>The photographs that were kept, and how near each was</source>
        <translation>Les photos gardées, et à quelle distance était chacune</translation>
    </message>
    <message>
        <source>Reading the photograph</source>
        <translation>Lecture de la photo</translation>
    </message>
    <message>
        <source>Only keep it</source>
        <translation>Seulement la garder</translation>
    </message>
    <message>
        <source>The photograph goes into the log; the plan stays as it is</source>
        <translation>La photo va dans le journal&#xa0;; le plan reste tel quel</translation>
    </message>
    <message>
        <source>Take the corrections</source>
        <translation>Reprendre les corrections</translation>
    </message>
    <message>
        <source>What is left is planned anew from the sheet as the photograph shows it</source>
        <translation>Le reste est replanifié à partir de la feuille telle que la montre la photo</translation>
    </message>
    <message>
        <source>A photograph of the sheet as it is now</source>
        <translation>Une photo de la feuille telle qu&apos;elle est</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;All files (*)</source>
        <translation>Images (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>The photograph is read against the plan: wait until that is made.</source>
        <translation>La photo est lue contre le plan&#xa0;: attendez qu&apos;il soit prêt.</translation>
    </message>
    <message>
        <source>%1 If it is there, set its corners by hand: click them in the photograph.</source>
        <translation>%1 Si elle y est, placez ses coins à la main&#xa0;: cliquez-les sur la photo.</translation>
    </message>
    <message>
        <source>The photograph is upside down; it was read turned.</source>
        <translation>La photo est à l&apos;envers&#xa0;; elle a été lue retournée.</translation>
    </message>
    <message>
        <source>The photograph lies on its side; it was read turned.</source>
        <translation>La photo est couchée&#xa0;; elle a été lue redressée.</translation>
    </message>
    <message numerus="yes">
        <source>Take %n corrections</source>
        <translation>
            <numerusform>Reprendre %n correction</numerusform>
            <numerusform>Reprendre %n corrections</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 from the plan</source>
        <translation>à %1 du plan</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>pas encore</translation>
    </message>
    <message numerus="yes">
        <source>%n photographs</source>
        <translation>
            <numerusform>%n photo</numerusform>
            <numerusform>%n photos</numerusform>
        </translation>
    </message>
    <message>
        <source>Photograph the whole sheet from straight before it, evenly lit, with some of the board round it; a grey card beside it makes the colours surer. Check tells what each area is off by against the plan or the subject, what would mend it, and plans what is left from there. Hold A to lay what it is compared with over the work.</source>
        <translation>Photographiez toute la feuille bien en face, sous une lumière égale, avec un peu de planche autour&#xa0;; une carte grise à côté rend les couleurs plus sûres. Contrôle dit de combien chaque zone s&apos;écarte du plan ou du sujet, ce qui la corrigerait, et planifie le reste à partir de là. Maintenez A pour poser sur le travail ce à quoi on le compare.</translation>
    </message>
    <message>
        <source>Sheet as planned after step %1</source>
        <translation>Feuille prévue après l&apos;étape %1</translation>
    </message>
    <message>
        <source>The work after step %1</source>
        <translation>Le travail après l&apos;étape %1</translation>
    </message>
    <message>
        <source>%1 from the subject</source>
        <translation>à %1 du sujet</translation>
    </message>
    <message>
        <source>No photograph is read</source>
        <translation>Aucune photo n&apos;est lue</translation>
    </message>
    <message>
        <source>Photograph the sheet on its board and give the picture here, or drop it on this panel.</source>
        <translation>Photographiez la feuille sur sa planche et donnez l&apos;image ici, ou déposez-la sur ce panneau.</translation>
    </message>
    <message>
        <source>%1 of %2 steps are laid. A photograph gains most at the end: what is laid after it has its own faults, which it cannot show.</source>
        <translation>%1 étapes sur %2 sont posées. C&apos;est à la fin qu&apos;une photo apporte le plus&#xa0;: ce qui est posé après elle a ses propres fautes, qu&apos;elle ne peut montrer.</translation>
    </message>
    <message>
        <source>Against the plan: %1, %2.</source>
        <translation>Contre le plan&#xa0;: %1, %2.</translation>
    </message>
    <message>
        <source>Against the subject: %1, %2.</source>
        <translation>Contre le sujet&#xa0;: %1, %2.</translation>
    </message>
    <message>
        <source>To be laid for it</source>
        <translation>À poser pour cela</translation>
    </message>
    <message>
        <source>The photograph&apos;s own error could explain what it is off the plan.</source>
        <translation>L&apos;erreur propre de la photo pourrait expliquer son écart au plan.</translation>
    </message>
    <message>
        <source>What comes first</source>
        <translation>Ce qui vient d&apos;abord</translation>
    </message>
    <message>
        <source>Nothing stands out: go on as planned.</source>
        <translation>Rien ne ressort&#xa0;: continuez comme prévu.</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>The Bench tells of no laid step: corrections can be taken once it does.</source>
        <translation>Le Chevalet n&apos;a aucune étape posée&#xa0;: on peut reprendre des corrections dès qu&apos;il en a.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Contrôle</translation>
    </message>
    <message>
        <source>Up to which step the sheet was laid when it was photographed.</source>
        <translation>Jusqu&apos;à quelle étape la feuille était posée sur la photo.</translation>
    </message>
    <message>
        <source>a place in: %1</source>
        <translation>un endroit dans&#xa0;: %1</translation>
    </message>
    <message>
        <source>The area as a whole:</source>
        <translation>La zone dans son ensemble&#xa0;:</translation>
    </message>
</context>
<context>
    <name>app::ColourLeaf</name>
    <message>
        <source>Chroma</source>
        <translation>Chroma</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>Contraste</translation>
    </message>
    <message>
        <source>Lighter</source>
        <translation>Plus léger</translation>
    </message>
    <message>
        <source>Warmer</source>
        <translation>Plus chaud</translation>
    </message>
    <message>
        <source>−0.3 steps </source>
        <translation>−0,3 degré </translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Tout le tableau</translation>
    </message>
    <message>
        <source>Chooses for the whole picture again; a click on the subject chooses for the area there.</source>
        <translation>Choisit de nouveau pour tout le tableau&#xa0;; un clic sur le sujet choisit pour la zone à cet endroit.</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Remettre</translation>
    </message>
    <message>
        <source>Softer, calmer, a little lighter and bluer: further away.</source>
        <translation>Plus doux, plus calme, un peu plus clair et bleu&#xa0;: plus loin.</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Tel quel</translation>
    </message>
    <message>
        <source>Set an area back</source>
        <translation>Remettre une zone</translation>
    </message>
    <message>
        <source>Colours as they are</source>
        <translation>Couleurs telles quelles</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 degrés</translation>
    </message>
    <message>
        <source>after</source>
        <translation>après</translation>
    </message>
    <message>
        <source>before: as photographed</source>
        <translation>avant&#xa0;: comme photographié</translation>
    </message>
    <message>
        <source>You choose for the whole picture. Click on the subject to choose for an area alone.</source>
        <translation>Vous choisissez pour tout le tableau. Cliquez sur le sujet pour choisir pour une seule zone.</translation>
    </message>
    <message>
        <source>You choose for %1.</source>
        <translation>Vous choisissez pour %1.</translation>
    </message>
    <message>
        <source>Whole picture: %1.</source>
        <translation>Tout le tableau&#xa0;: %1.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>How vivid it is meant, against the photograph.</source>
        <translation>À quel point on le veut vif, par rapport à la photo.</translation>
    </message>
    <message>
        <source>How far its values are meant apart, against the photograph.</source>
        <translation>À quel point on veut ses valeurs écartées, par rapport à la photo.</translation>
    </message>
    <message>
        <source>By how many value steps it is meant lighter or darker.</source>
        <translation>De combien de degrés de valeur on le veut plus clair ou plus sombre.</translation>
    </message>
    <message>
        <source>How far its colours are meant towards orange or blue.</source>
        <translation>À quel point on veut ses couleurs vers l&apos;orange ou le bleu.</translation>
    </message>
    <message>
        <source>Takes back all that is changed here on purpose.</source>
        <translation>Reprend tout ce qui est changé exprès ici.</translation>
    </message>
</context>
<context>
    <name>app::ColourPick</name>
    <message>
        <source>Photograph</source>
        <translation>Photo</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Prélever une couleur</translation>
    </message>
    <message>
        <source>Click where the swatch lies flat in even daylight; arrow keys move the spot. A photograph shows its own light: a swatch card or a colour reader tells a colour better.</source>
        <translation>Cliquez où l&apos;échantillon est à plat sous une lumière du jour égale&#xa0;; les flèches déplacent le point. Une photo montre sa propre lumière&#xa0;: un nuancier ou un lecteur de couleur la dit mieux.</translation>
    </message>
    <message>
        <source>Nothing is picked yet.</source>
        <translation>Rien n&apos;est encore prélevé.</translation>
    </message>
    <message>
        <source>Take this colour</source>
        <translation>Prendre cette couleur</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>La laisser</translation>
    </message>
    <message>
        <source>%1, value %2, chroma %3</source>
        <translation>%1, valeur %2, chroma %3</translation>
    </message>
    <message>
        <source>Detach it</source>
        <translation>La détacher</translation>
    </message>
</context>
<context>
    <name>app::CornersByHand</name>
    <message>
        <source>Click the picture&apos;s upper left corner</source>
        <translation>Cliquez sur le coin supérieur gauche du tableau</translation>
    </message>
    <message>
        <source>Click the picture&apos;s upper right corner</source>
        <translation>Cliquez sur le coin supérieur droit du tableau</translation>
    </message>
    <message>
        <source>Click the picture&apos;s lower right corner</source>
        <translation>Cliquez sur le coin inférieur droit du tableau</translation>
    </message>
    <message>
        <source>Click the picture&apos;s lower left corner</source>
        <translation>Cliquez sur le coin inférieur gauche du tableau</translation>
    </message>
</context>
<context>
    <name>app::CurveLeaf</name>
    <message>
        <source>Picture difference by the number of sticks</source>
        <translation>Écart du tableau selon le nombre de bâtons</translation>
    </message>
    <message>
        <source> ΔE00</source>
        <translation> ΔE00</translation>
    </message>
    <message>
        <source>As few as keep it within</source>
        <translation>Aussi peu que possible en restant à</translation>
    </message>
    <message>
        <source>No number does</source>
        <translation>Aucun nombre n&apos;y suffit</translation>
    </message>
    <message>
        <source>Number of sticks</source>
        <translation>Nombre de bâtons</translation>
    </message>
    <message numerus="yes">
        <source>Take %n sticks</source>
        <translation>
            <numerusform>Prendre %n bâton</numerusform>
            <numerusform>Prendre %n bâtons</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 ΔE00</source>
        <translation>%1 ΔE00</translation>
    </message>
    <message>
        <source>sticks at most</source>
        <translation>bâtons au plus</translation>
    </message>
    <message>
        <source>sticks at most; more numbers are being tried</source>
        <translation>bâtons au plus&#xa0;; d&apos;autres nombres sont à l&apos;essai</translation>
    </message>
    <message>
        <source>from here on more gain little</source>
        <translation>à partir d&apos;ici, davantage apporte peu</translation>
    </message>
    <message>
        <source>How many sticks</source>
        <translation>Combien de bâtons</translation>
    </message>
    <message>
        <source>Each point is a whole plan with so many sticks at most. Click one to take that number.</source>
        <translation>Chaque point est un plan entier avec au plus ce nombre de bâtons. Cliquez-en un pour prendre ce nombre.</translation>
    </message>
    <message numerus="yes">
        <source>With at most %n sticks the finished sheet is %1 (%2).</source>
        <translation>
            <numerusform>Avec %n bâton au plus, la feuille finie est %1 (%2).</numerusform>
            <numerusform>Avec %n bâtons au plus, la feuille finie est %1 (%2).</numerusform>
        </translation>
    </message>
    <message>
        <source>The curve bends at %1: below it every stick counts, above it more gain little.</source>
        <translation>La courbe s&apos;infléchit à %1&#xa0;: en dessous chaque bâton compte, au-dessus davantage apporte peu.</translation>
    </message>
    <message>
        <source>More than %1 are not taken up: what they gain is less than what picking them up costs.</source>
        <translation>On n&apos;en prend pas plus de %1&#xa0;: ce qu&apos;ils apportent est moindre que ce que coûte d&apos;en changer.</translation>
    </message>
    <message>
        <source>How much farther off than with all sticks the sheet may be.</source>
        <translation>De combien la feuille peut être plus loin qu&apos;avec tous les bâtons.</translation>
    </message>
    <message>
        <source>Takes the least number of sticks that stays within this.</source>
        <translation>Prend le plus petit nombre de bâtons qui y reste.</translation>
    </message>
</context>
<context>
    <name>app::Desk</name>
    <message>
        <source>The drawer has no stick, pencil or pan that is not used up, so those of the starter materials are taken: put your own in under Materials.</source>
        <translation>Le tiroir n&apos;a ni bâton, ni crayon, ni godet qui ne soit épuisé&#xa0;; ceux du matériel de départ sont donc pris&#xa0;: mettez les vôtres à Matériel.</translation>
    </message>
    <message>
        <source>There is no tray %1 any more: choose another.</source>
        <translation>Il n&apos;y a plus de plateau %1&#xa0;: choisissez-en un autre.</translation>
    </message>
    <message>
        <source>The tray %1 has no stick, pencil or pan to plan with that is not used up: put some into it.</source>
        <translation>Le plateau %1 n&apos;a ni bâton, ni crayon, ni godet non épuisé pour planifier&#xa0;: mettez-y quelque chose.</translation>
    </message>
    <message>
        <source>Draw from %1</source>
        <translation>Puiser dans %1</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>tout le tiroir</translation>
    </message>
</context>
<context>
    <name>app::DifferenceStrip</name>
    <message>
        <source>Areas from the worst to the best</source>
        <translation>Zones de la pire à la meilleure</translation>
    </message>
    <message>
        <source>Here the areas will stand, the worst first, with what would mend each.</source>
        <translation>Ici seront les zones, la pire d&apos;abord, avec ce qui corrigerait chacune.</translation>
    </message>
</context>
<context>
    <name>app::DrawerView</name>
    <message>
        <source>Drawer</source>
        <translation>Tiroir</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing in the drawer is like that.</source>
        <translation>Rien dans le tiroir n&apos;est ainsi.</translation>
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
        <translation>Le sujet, et le dessin</translation>
    </message>
    <message>
        <source>None of the subject&apos;s shapes is to be found in the drawing: draw their outlines closed and dark, then photograph it again.</source>
        <translation>Aucune forme du sujet ne se trouve dans le dessin&#xa0;: tracez des contours fermés et sombres, puis photographiez de nouveau.</translation>
    </message>
</context>
<context>
    <name>app::ExportSheet</name>
    <message>
        <source>Write the plan for the easel</source>
        <translation>Écrire le plan pour le chevalet</translation>
    </message>
    <message>
        <source>Everything goes into one folder, with plan.json, which other programs read. What an earlier plan left there is replaced; other files stay.</source>
        <translation>Tout va dans un dossier, avec plan.json, que lisent d&apos;autres programmes. Ce qu&apos;un plan antérieur y a laissé est remplacé&#xa0;; les autres fichiers restent.</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Dossier</translation>
    </message>
    <message>
        <source>Choose a folder…</source>
        <translation>Choisir un dossier…</translation>
    </message>
    <message>
        <source>Sheets to print (PDF): plan, sticks to pull, a page for each step and evening</source>
        <translation>Feuilles à imprimer (PDF)&#xa0;: plan, bâtons à sortir, une page par étape et par soirée</translation>
    </message>
    <message>
        <source>Tables of the steps and of the sticks to pull (CSV)</source>
        <translation>Tableaux des étapes et des bâtons à sortir (CSV)</translation>
    </message>
    <message>
        <source>The sheet after each step (PNG)</source>
        <translation>La feuille après chaque étape (PNG)</translation>
    </message>
    <message>
        <source>Where each step goes and how hard (PNG)</source>
        <translation>Où va chaque étape et avec quelle force (PNG)</translation>
    </message>
    <message>
        <source>The sheet with a layer for each stage of the work (OpenRaster)</source>
        <translation>La feuille avec un calque par phase du travail (OpenRaster)</translation>
    </message>
    <message>
        <source>The colours of the sticks (palette text file, .gpl)</source>
        <translation>Les couleurs des bâtons (palette en texte, .gpl)</translation>
    </message>
    <message>
        <source>Writing the plan</source>
        <translation>Écriture du plan</translation>
    </message>
    <message>
        <source>Write the plan</source>
        <translation>Écrire le plan</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>A folder for the plan</source>
        <translation>Un dossier pour le plan</translation>
    </message>
    <message>
        <source>The plan is in %1.</source>
        <translation>Le plan est dans %1.</translation>
    </message>
</context>
<context>
    <name>app::FamiliesLeaf</name>
    <message>
        <source>Limited palette</source>
        <translation>Palette limitée</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>comme prévu</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>à l&apos;essai</translation>
    </message>
    <message>
        <source>as many as serve</source>
        <translation>autant qu&apos;il en sert</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>au plus %1</translation>
    </message>
    <message>
        <source>A limited palette</source>
        <translation>Une palette limitée</translation>
    </message>
    <message>
        <source>Fewer colours hold a picture together. Say how many sticks of each family it may have; each palette says what it would change in this picture. Black, white and greys are a family of their own.</source>
        <translation>Moins de couleurs tiennent un tableau ensemble. Dites combien de bâtons de chaque famille il peut avoir&#xa0;; chaque palette dit ce qu&apos;elle changerait dans ce tableau. Noir, blanc et gris forment une famille à part.</translation>
    </message>
    <message>
        <source>Earths are known by their pigments, or by a warm hue of little light where none is said; all else by its look.</source>
        <translation>Les terres se reconnaissent à leurs pigments, ou, faute d&apos;indication, à une teinte chaude et peu lumineuse&#xa0;; tout le reste à son aspect.</translation>
    </message>
    <message>
        <source>A palette of few colours: the whole plan is tried with it.</source>
        <translation>Une palette de peu de couleurs&#xa0;: tout le plan est essayé avec elle.</translation>
    </message>
    <message>
        <source>How many sticks of this family the picture may have.</source>
        <translation>Combien de bâtons de cette famille le tableau peut avoir.</translation>
    </message>
</context>
<context>
    <name>app::FrameLeaf</name>
    <message>
        <source>leading</source>
        <translation>principale</translation>
    </message>
    <message>
        <source>The references are pinned up here.</source>
        <translation>Les références sont épinglées ici.</translation>
    </message>
    <message>
        <source>References</source>
        <translation>Références</translation>
    </message>
    <message>
        <source>Open picture…</source>
        <translation>Ouvrir une image…</translation>
    </message>
    <message>
        <source>Pin up another…</source>
        <translation>En épingler une autre…</translation>
    </message>
    <message>
        <source>A second reference: areas may take their colours from it.</source>
        <translation>Une deuxième référence&#xa0;: des zones peuvent en prendre leurs couleurs.</translation>
    </message>
    <message>
        <source>Take it down</source>
        <translation>La décrocher</translation>
    </message>
    <message>
        <source>The reference that is looked at, with the colours that areas took from it.</source>
        <translation>La référence que l&apos;on regarde, avec les couleurs que des zones en ont prises.</translation>
    </message>
    <message>
        <source>Take a reference down</source>
        <translation>Décrocher une référence</translation>
    </message>
    <message>
        <source>With the line</source>
        <translation>Avec la ligne</translation>
    </message>
    <message>
        <source>Level by it</source>
        <translation>Redresser</translation>
    </message>
    <message>
        <source>Turns the picture so that the line is level, or plumb if it is steep.</source>
        <translation>Tourne l&apos;image pour que la ligne soit de niveau, ou d&apos;aplomb si elle est raide.</translation>
    </message>
    <message>
        <source>Crop to it</source>
        <translation>Y recadrer</translation>
    </message>
    <message>
        <source>Takes the line for a diagonal and shows that part, grown to the sheet&apos;s format.</source>
        <translation>Prend la ligne pour diagonale et montre cette partie, agrandie au format de la feuille.</translation>
    </message>
    <message>
        <source>Crop freely</source>
        <translation>Recadrer librement</translation>
    </message>
    <message>
        <source>The same, and the sheet&apos;s height follows.</source>
        <translation>De même, et la hauteur de la feuille suit.</translation>
    </message>
    <message>
        <source>Point at a grey</source>
        <translation>Montrer un gris</translation>
    </message>
    <message>
        <source>Then click on something that is grey in truth: the picture&apos;s cast is taken off by it.</source>
        <translation>Puis cliquez sur ce qui est gris en vérité&#xa0;: la dominante de l&apos;image est ôtée d&apos;après lui.</translation>
    </message>
    <message>
        <source>As photographed</source>
        <translation>Comme photographié</translation>
    </message>
    <message>
        <source>The whole reference again, not turned, with the colours that it came with.</source>
        <translation>De nouveau toute la référence, non tournée, avec ses couleurs d&apos;origine.</translation>
    </message>
    <message>
        <source>Seen under</source>
        <translation>Vue sous</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Lumière</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titre</translation>
    </message>
    <message>
        <source>own size</source>
        <translation>format propre</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Feuille</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>de large</translation>
    </message>
    <message>
        <source>high</source>
        <translation>de haut</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Redresser</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Recadrer</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Sheet size</source>
        <translation>Format de la feuille</translation>
    </message>
    <message>
        <source>The sheet shows %1 % of the reference&apos;s width</source>
        <translation>La feuille montre %1 % de la largeur de la référence</translation>
    </message>
    <message>
        <source>The reference is cut to the sheet&apos;s format from its middle</source>
        <translation>La référence est coupée au format de la feuille depuis son centre</translation>
    </message>
    <message>
        <source>it is turned by %1°</source>
        <translation>elle est tournée de %1°</translation>
    </message>
    <message>
        <source>its cast is taken off by the grey that you pointed at</source>
        <translation>sa dominante est ôtée d&apos;après le gris que vous avez montré</translation>
    </message>
    <message>
        <source>Click on something that is grey in truth: stone, a white wall in shade, a grey card.</source>
        <translation>Cliquez sur ce qui est gris en vérité&#xa0;: pierre, mur blanc à l&apos;ombre, carte grise.</translation>
    </message>
    <message>
        <source>Planned to be seen under %1. Hold T to see subject and sheet under %2.</source>
        <translation>Prévue pour être vue sous %1. Maintenez T pour voir sujet et feuille sous %2.</translation>
    </message>
    <message>
        <source>The horizon runs through the middle (%1 % down) and cuts the picture into halves: crop so that it lies on a third.</source>
        <translation>L&apos;horizon passe par le milieu (%1 % depuis le haut) et coupe le tableau en deux&#xa0;: recadrez pour le mettre au tiers.</translation>
    </message>
    <message>
        <source>The horizon lies %1 % down, off the middle.</source>
        <translation>L&apos;horizon est à %1 % depuis le haut, hors du milieu.</translation>
    </message>
    <message>
        <source>Also pinned up: %1. Under Areas, an area may take its colours from there.</source>
        <translation>Aussi épinglées&#xa0;: %1. À Zones, une zone peut y prendre ses couleurs.</translation>
    </message>
    <message>
        <source>A photograph of the subject: a new study begins with it.</source>
        <translation>Une photo du sujet&#xa0;: une nouvelle étude commence par elle.</translation>
    </message>
    <message>
        <source>The light that the picture will be seen in: colours are matched for it, each light with its spectrum.</source>
        <translation>La lumière où le tableau sera vu&#xa0;: les couleurs sont accordées pour elle, chaque lumière avec son spectre.</translation>
    </message>
    <message>
        <source>What the study is called, on the plan and in the log.</source>
        <translation>Le nom de l&apos;étude, sur le plan et dans le journal.</translation>
    </message>
    <message>
        <source>Usual sizes of sheets; the picture is cut to the format.</source>
        <translation>Formats usuels de feuille&#xa0;; l&apos;image est coupée au format.</translation>
    </message>
    <message>
        <source>How wide the picture is on the sheet, in millimetres.</source>
        <translation>La largeur du tableau sur la feuille, en millimètres.</translation>
    </message>
    <message>
        <source>How high the picture is on the sheet, in millimetres.</source>
        <translation>La hauteur du tableau sur la feuille, en millimètres.</translation>
    </message>
</context>
<context>
    <name>app::GapsLeaf</name>
    <message>
        <source>What would be worth buying</source>
        <translation>Ce qui vaudrait l&apos;achat</translation>
    </message>
    <message>
        <source>%1, %2, number %3: brings the picture %4 nearer</source>
        <translation>%1, %2, numéro %3&#xa0;: rapproche le tableau de %4</translation>
    </message>
    <message>
        <source>Sticks that are not at hand are being tried.</source>
        <translation>Les bâtons que vous n&apos;avez pas sont à l&apos;essai.</translation>
    </message>
    <message>
        <source>Nothing that is not at hand would bring this picture nearer.</source>
        <translation>Rien de ce que vous n&apos;avez pas ne rapprocherait ce tableau.</translation>
    </message>
    <message>
        <source>What to buy</source>
        <translation>Qu&apos;acheter</translation>
    </message>
    <message>
        <source>Of all sticks in the starter materials that you do not own, and of what you have used up, those that would bring this picture nearest: each was planned with as if you had it.</source>
        <translation>Parmi tous les bâtons du matériel de départ que vous n&apos;avez pas, et ceux que vous avez épuisés, ceux qui rapprocheraient le plus ce tableau&#xa0;: on a planifié avec chacun comme si vous l&apos;aviez.</translation>
    </message>
    <message>
        <source>With %1 the difference falls from %2 to %3.</source>
        <translation>Avec %1 l&apos;écart tombe de %2 à %3.</translation>
    </message>
    <message>
        <source>What each gains is told for it alone: two alike do not gain twice.</source>
        <translation>Ce que chacun apporte vaut pour lui seul&#xa0;: deux semblables n&apos;apportent pas le double.</translation>
    </message>
</context>
<context>
    <name>app::GoalField</name>
    <message>
        <source>Goal</source>
        <translation>But</translation>
    </message>
    <message>
        <source>What is ranked first: each goal weighs colour, work, tooth and sparkle otherwise.</source>
        <translation>Ce qui vient en tête&#xa0;: chaque but pèse autrement couleur, travail, grain et éclat.</translation>
    </message>
</context>
<context>
    <name>app::GroupingsLeaf</name>
    <message>
        <source>Groupings of the values</source>
        <translation>Groupements des valeurs</translation>
    </message>
    <message>
        <source>Take this grouping</source>
        <translation>Prendre ce groupement</translation>
    </message>
    <message>
        <source>Grouping of the values</source>
        <translation>Groupement des valeurs</translation>
    </message>
    <message>
        <source>%1: taken</source>
        <translation>%1&#xa0;: pris</translation>
    </message>
    <message>
        <source>%1 % dark, %2 % medium, %3 % light</source>
        <translation>%1 % sombre, %2 % moyen, %3 % clair</translation>
    </message>
    <message>
        <source>Four ways to group the same subject into %1 masses. Half-close your eyes: take the one that still says what the picture is about.</source>
        <translation>Quatre façons de grouper le même sujet en %1 masses. Fermez à demi les yeux&#xa0;: prenez celle qui dit encore de quoi parle le tableau.</translation>
    </message>
    <message>
        <source>It reads as %1.</source>
        <translation>Cela se lit comme %1.</translation>
    </message>
    <message>
        <source>Parts the masses as in the grouping that is chosen.</source>
        <translation>Sépare les masses comme dans le groupement choisi.</translation>
    </message>
</context>
<context>
    <name>app::KeptFields</name>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Reste</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Boîte</translation>
    </message>
    <message>
        <source>Slot</source>
        <translation>Case</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notes</translation>
    </message>
    <message>
        <source>Tried on</source>
        <translation>Essayé sur</translation>
    </message>
    <message>
        <source>Photos</source>
        <translation>Photos</translation>
    </message>
    <message>
        <source>What is left</source>
        <translation>Ce qui reste</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Photo</translation>
    </message>
    <message>
        <source>Attach a photograph…</source>
        <translation>Joindre une photo…</translation>
    </message>
    <message>
        <source>Attach…</source>
        <translation>Joindre…</translation>
    </message>
    <message>
        <source>How much of it is left; what is used up is not planned with.</source>
        <translation>Combien il en reste&#xa0;; on ne planifie pas avec ce qui est épuisé.</translation>
    </message>
    <message>
        <source>The box that it lies in.</source>
        <translation>La boîte où il est.</translation>
    </message>
    <message>
        <source>Which place in the box is its own.</source>
        <translation>Sa place dans la boîte.</translation>
    </message>
    <message>
        <source>What you noticed about it.</source>
        <translation>Ce que vous en avez remarqué.</translation>
    </message>
    <message>
        <source>Keeps a photograph of it, as of its label.</source>
        <translation>En garde une photo, par exemple de l&apos;étiquette.</translation>
    </message>
</context>
<context>
    <name>app::Ladder</name>
    <message>
        <source>Value ladder</source>
        <translation>Échelle des valeurs</translation>
    </message>
    <message>
        <source>Up and down choose a mark between two masses, left and right move it</source>
        <translation>Haut et bas choisissent une marque entre deux masses, gauche et droite la déplacent</translation>
    </message>
    <message>
        <source>black</source>
        <translation>noir</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanc</translation>
    </message>
    <message>
        <source>%1, %2 %</source>
        <translation>%1, %2 %</translation>
    </message>
    <message>
        <source>Mass at value %1, %2 % of the picture</source>
        <translation>Masse à la valeur %1, %2 % du tableau</translation>
    </message>
</context>
<context>
    <name>app::LayersStation</name>
    <message>
        <source>steps %1 to %2 (%3)</source>
        <translation>étapes %1 à %2 (%3)</translation>
    </message>
    <message>
        <source>Evenings: %1. Each ends with nothing wet and nothing half blended.</source>
        <translation>Soirées&#xa0;: %1. Chacune finit sans rien de mouillé ni d&apos;estompé à moitié.</translation>
    </message>
    <message>
        <source>Step %1 at another time</source>
        <translation>L&apos;étape %1 à un autre moment</translation>
    </message>
    <message>
        <source>Only the layer of %1, which is selected, is moved.</source>
        <translation>Seule la couche de %1, qui est choisie, est déplacée.</translation>
    </message>
    <message>
        <source>It stays where it is.</source>
        <translation>Elle reste où elle est.</translation>
    </message>
    <message>
        <source>It is laid between steps %1 and %2.</source>
        <translation>Elle est posée entre les étapes %1 et %2.</translation>
    </message>
    <message>
        <source>It is laid last.</source>
        <translation>Elle est posée en dernier.</translation>
    </message>
    <message>
        <source>The bare sheet</source>
        <translation>La feuille nue</translation>
    </message>
    <message>
        <source>All layers laid</source>
        <translation>Toutes couches posées</translation>
    </message>
    <message>
        <source>The finished sheet is %1.</source>
        <translation>La feuille finie est %1.</translation>
    </message>
    <message>
        <source>%1 of %2, in %3. With half-closed eyes the difference is %4.</source>
        <translation>%1 de %2, en %3. Yeux mi-clos, l&apos;écart est de %4.</translation>
    </message>
    <message>
        <source>Set by hand: %1.</source>
        <translation>Réglé à la main&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Move the pointer under the section, or use the arrow keys, to lay the steps down one by one: the subject then shows where each goes and how hard. Drag a step along its row to lay it at another time.</source>
        <translation>Déplacez le pointeur sous la coupe, ou prenez les flèches, pour poser les étapes une à une&#xa0;: le sujet montre alors où va chacune et avec quelle force. Tirez une étape le long de sa ligne pour la poser à un autre moment.</translation>
    </message>
    <message>
        <source>Click an area in a picture or in the section to read how it is made.</source>
        <translation>Cliquez sur une zone dans une image ou dans la coupe pour lire comment elle est faite.</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Étape %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Everything, in a few lines.</source>
        <translation>Tout, en quelques lignes.</translation>
    </message>
    <message>
        <source>Layer %1 of %2 there: %3.</source>
        <translation>Là, couche %1 sur %2&#xa0;: %3.</translation>
    </message>
    <message>
        <source>Then wait %1.</source>
        <translation>Puis attendre %1.</translation>
    </message>
    <message>
        <source>It dries %1 of a step lighter: judge it when it is dry.</source>
        <translation>En séchant, elle s&apos;éclaircit de %1 de degré&#xa0;: jugez-la sèche.</translation>
    </message>
    <message>
        <source>It dries %1 of a step darker: judge it when it is dry.</source>
        <translation>En séchant, elle fonce de %1 de degré&#xa0;: jugez-la sèche.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>In the hand</source>
        <translation>En main</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>On the finished sheet it is %1 (%2).</source>
        <translation>Sur la feuille finie, elle est %1 (%2).</translation>
    </message>
    <message>
        <source>It holds %1 % of the picture. The tooth is at most %2 % full.</source>
        <translation>Elle occupe %1 % du tableau. Le grain est rempli à %2 % au plus.</translation>
    </message>
    <message>
        <source>Not to be laid here: %1.</source>
        <translation>À ne pas poser ici&#xa0;: %1.</translation>
    </message>
    <message>
        <source>You have chosen here. Left to the plan the picture would be: %1.</source>
        <translation>Vous avez choisi ici. Laissé au plan, le tableau serait&#xa0;: %1.</translation>
    </message>
    <message>
        <source>You have chosen here. What the plan would make of it is being tried.</source>
        <translation>Vous avez choisi ici. Ce que le plan en ferait est à l&apos;essai.</translation>
    </message>
    <message>
        <source>Under %1 parts of it are %2 farther off than under %3.</source>
        <translation>Sous %1, des parties s&apos;en écartent de %2 de plus que sous %3.</translation>
    </message>
    <message>
        <source>Its layers, from the paper up</source>
        <translation>Ses couches, à partir du papier</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>step %1, %2: %3</source>
        <translation>étape %1, %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Couches</translation>
    </message>
    <message>
        <source>The layers are planned as soon as the subject is read.</source>
        <translation>Les couches sont planifiées dès que le sujet est lu.</translation>
    </message>
    <message>
        <source>The section</source>
        <translation>La coupe</translation>
    </message>
    <message>
        <source>layers from the paper up</source>
        <translation>couches à partir du papier</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Coupe</translation>
    </message>
    <message>
        <source>The cut through the sheet, and its steps in time</source>
        <translation>La coupe de la feuille, et ses étapes dans le temps</translation>
    </message>
    <message>
        <source>Approach</source>
        <translation>Démarche</translation>
    </message>
    <message>
        <source>How you go about it, and what another way would change</source>
        <translation>Votre façon de faire, et ce qu&apos;une autre changerait</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>Détail</translation>
    </message>
    <message>
        <source>Cut along a line</source>
        <translation>Couper selon une ligne</translation>
    </message>
    <message>
        <source>Draw a line over the subject: the section then runs along it.</source>
        <translation>Tracez une ligne sur le sujet&#xa0;: la coupe la suit alors.</translation>
    </message>
    <message>
        <source>Cut the whole sheet</source>
        <translation>Couper toute la feuille</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>any length</source>
        <translation>sans limite</translation>
    </message>
    <message>
        <source>Evenings of</source>
        <translation>Soirées de</translation>
    </message>
    <message>
        <source>End an evening after this step</source>
        <translation>Finir une soirée après cette étape</translation>
    </message>
    <message>
        <source>Change its layers</source>
        <translation>Changer ses couches</translation>
    </message>
    <message>
        <source>Sets the layers of the area that is selected.</source>
        <translation>Règle les couches de la zone choisie.</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Remettre</translation>
    </message>
    <message>
        <source>Leaves the layers of the area, or the time of the step, to the plan again.</source>
        <translation>Laisse de nouveau au plan les couches de la zone, ou le moment de l&apos;étape.</translation>
    </message>
    <message>
        <source>All that you have set by hand, each to be set back.</source>
        <translation>Tout ce que vous avez réglé à la main, à remettre un par un.</translation>
    </message>
    <message>
        <source>Lay this step earlier</source>
        <translation>Poser cette étape plus tôt</translation>
    </message>
    <message>
        <source>Lay this step later</source>
        <translation>Poser cette étape plus tard</translation>
    </message>
    <message>
        <source>Evenings</source>
        <translation>Soirées</translation>
    </message>
    <message>
        <source>Layers moved in time</source>
        <translation>Couches déplacées dans le temps</translation>
    </message>
    <message>
        <source>Time left to the approach</source>
        <translation>Moment laissé à la démarche</translation>
    </message>
    <message>
        <source>Layers set by hand</source>
        <translation>Couches réglées à la main</translation>
    </message>
    <message>
        <source>Layers left to the plan</source>
        <translation>Couches laissées au plan</translation>
    </message>
    <message>
        <source>Stick barred from an area</source>
        <translation>Bâton interdit dans une zone</translation>
    </message>
    <message>
        <source>End of an evening</source>
        <translation>Fin d&apos;une soirée</translation>
    </message>
    <message>
        <source>All you set (%1)</source>
        <translation>Tout ce que vous réglez (%1)</translation>
    </message>
    <message>
        <source>Something is wet or half blended after this step.</source>
        <translation>Quelque chose est mouillé ou estompé à moitié après cette étape.</translation>
    </message>
    <message>
        <source>It is step %1 now, with as many changes of stick as before.</source>
        <translation>C&apos;est maintenant l&apos;étape %1, avec autant de changements de bâton qu&apos;avant.</translation>
    </message>
    <message>
        <source>It is step %1 now. Changes of stick: %2 more.</source>
        <translation>C&apos;est maintenant l&apos;étape %1. Changements de bâton&#xa0;: %2 de plus.</translation>
    </message>
    <message>
        <source>It is step %1 now. Changes of stick: %2 fewer.</source>
        <translation>C&apos;est maintenant l&apos;étape %1. Changements de bâton&#xa0;: %2 de moins.</translation>
    </message>
    <message>
        <source>not planned yet</source>
        <translation>pas encore planifié</translation>
    </message>
    <message>
        <source>Sheet, bare</source>
        <translation>Feuille nue</translation>
    </message>
    <message>
        <source>Sheet after step %1 of %2</source>
        <translation>Feuille après l&apos;étape %1 sur %2</translation>
    </message>
    <message>
        <source>at the end %1</source>
        <translation>à la fin %1</translation>
    </message>
    <message>
        <source>Where step %1 goes, and how hard</source>
        <translation>Où va l&apos;étape %1, et avec quelle force</translation>
    </message>
    <message>
        <source>The cut through your sheet: each area from dark to light, its layers from the paper up. Drag the time below it to see each step go on, and where it goes on the subject.</source>
        <translation>La coupe de votre feuille&#xa0;: chaque zone du sombre au clair, ses couches à partir du papier. Tirez le temps en dessous pour voir chaque étape se poser, et où elle va sur le sujet.</translation>
    </message>
    <message>
        <source>How small the marks may be: finer ones come nearer and take longer.</source>
        <translation>La petitesse des marques&#xa0;: plus fines, elles approchent plus et prennent plus de temps.</translation>
    </message>
    <message>
        <source>The cut goes through all areas again, from dark to light.</source>
        <translation>La coupe traverse de nouveau toutes les zones, du sombre au clair.</translation>
    </message>
    <message>
        <source>How long you work at a stretch: the steps are cut so that nothing wet or half blended is left.</source>
        <translation>Combien de temps vous travaillez d&apos;affilée&#xa0;: les étapes sont coupées pour ne rien laisser de mouillé ni d&apos;à demi estompé.</translation>
    </message>
    <message>
        <source>You stop after the step that is shown.</source>
        <translation>Vous arrêtez après l&apos;étape montrée.</translation>
    </message>
</context>
<context>
    <name>app::ListSheet</name>
    <message>
        <source>Take in %1</source>
        <translation>Ajouter %1</translation>
    </message>
    <message>
        <source>Say above each column what it tells. Nothing is changed before you take the list in.</source>
        <translation>Dites au-dessus de chaque colonne ce qu&apos;elle contient. Rien ne change avant que vous ajoutiez la liste.</translation>
    </message>
    <message>
        <source>First rows</source>
        <translation>Premières lignes</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papier</translation>
    </message>
    <message>
        <source>New things that say no kind are</source>
        <translation>Les nouvelles choses sans genre sont</translation>
    </message>
    <message>
        <source>Its colours were</source>
        <translation>Leurs couleurs ont été</translation>
    </message>
    <message>
        <source>Rows that cannot be taken</source>
        <translation>Lignes qu&apos;on ne peut ajouter</translation>
    </message>
    <message>
        <source>Reading the list</source>
        <translation>Lecture de la liste</translation>
    </message>
    <message>
        <source>Take in</source>
        <translation>Ajouter</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>La laisser</translation>
    </message>
    <message>
        <source>The list is being read.</source>
        <translation>La liste est en cours de lecture.</translation>
    </message>
    <message>
        <source>passed over</source>
        <translation>passé</translation>
    </message>
    <message>
        <source>Column %1</source>
        <translation>Colonne %1</translation>
    </message>
    <message>
        <source>No row can be taken in.</source>
        <translation>Aucune ligne ne peut être ajoutée.</translation>
    </message>
    <message numerus="yes">
        <source>%n rows can be taken in: %1 new, %2 that change what is in the drawer.</source>
        <translation>
            <numerusform>%n ligne peut être ajoutée&#xa0;: %1 nouvelles, %2 qui changent ce qui est dans le tiroir.</numerusform>
            <numerusform>%n lignes peuvent être ajoutées&#xa0;: %1 nouvelles, %2 qui changent ce qui est dans le tiroir.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>These %n cannot:</source>
        <translation>
            <numerusform>Celle-ci (%n) ne le peut pas&#xa0;:</numerusform>
            <numerusform>Ces %n ne le peuvent pas&#xa0;:</numerusform>
        </translation>
    </message>
    <message>
        <source>This list</source>
        <translation>Cette liste</translation>
    </message>
    <message numerus="yes">
        <source>… and %n more.</source>
        <translation>
            <numerusform>… et %n de plus.</numerusform>
            <numerusform>… et %n de plus.</numerusform>
        </translation>
    </message>
    <message>
        <source>Take in the %1 good rows</source>
        <translation>Ajouter les %1 bonnes lignes</translation>
    </message>
    <message>
        <source>The list could not be written: see what the window says.</source>
        <translation>La liste n&apos;a pu être écrite&#xa0;: voyez ce que dit la fenêtre.</translation>
    </message>
</context>
<context>
    <name>app::LogStation</name>
    <message>
        <source>The log</source>
        <translation>Le journal</translation>
    </message>
    <message>
        <source>what was done, as it was kept</source>
        <translation>ce qui a été fait, tel que gardé</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Jours</translation>
    </message>
    <message>
        <source>Evenings, steps, notes; a search over all logs</source>
        <translation>Soirées, étapes, notes&#xa0;; une recherche dans tous les journaux</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Progrès</translation>
    </message>
    <message>
        <source>Photographs over the sheet as planned for the same moment</source>
        <translation>Photos sur la feuille prévue au même moment</translation>
    </message>
    <message>
        <source>Finishing</source>
        <translation>Finition</translation>
    </message>
    <message>
        <source>What is left to do when all is laid</source>
        <translation>Ce qui reste à faire quand tout est posé</translation>
    </message>
    <message>
        <source>Card for the back…</source>
        <translation>Carte pour le dos…</translation>
    </message>
    <message>
        <source>What was used and how long it took, as PDF or CSV.</source>
        <translation>Ce qui a servi et combien de temps il a fallu, en PDF ou CSV.</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Rythme</translation>
    </message>
    <message>
        <source>Planned against real minutes, and what is learnt from it</source>
        <translation>Minutes prévues et réelles, et ce qu&apos;on en apprend</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Réserve</translation>
    </message>
    <message>
        <source>What the sticks have probably lost</source>
        <translation>Ce que les bâtons ont sans doute perdu</translation>
    </message>
    <message>
        <source>Card for the picture&apos;s back</source>
        <translation>Carte pour le dos du tableau</translation>
    </message>
    <message>
        <source>Card (*.pdf);;A row an entry (*.csv)</source>
        <translation>Carte (*.pdf);;Une ligne par entrée (*.csv)</translation>
    </message>
    <message>
        <source>Where did I use … ?</source>
        <translation>Où ai-je employé …&#xa0;?</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Chercher</translation>
    </message>
    <message>
        <source>In all logs</source>
        <translation>Dans tous les journaux</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Ce qui a été fait</translation>
    </message>
    <message>
        <source>%1: %2 at the easel for %3, planned %4</source>
        <translation>%1&#xa0;: %2 au chevalet pour %3, prévu %4</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Nothing has been done yet: the Bench keeps what you do.</source>
        <translation>Rien n&apos;a encore été fait&#xa0;: le Chevalet garde ce que vous faites.</translation>
    </message>
    <message>
        <source>Nothing is found of that.</source>
        <translation>On n&apos;en trouve rien.</translation>
    </message>
    <message>
        <source>%1, step %2</source>
        <translation>%1, étape %2</translation>
    </message>
    <message>
        <source>The card is written as .pdf or .csv: give the file one of these endings.</source>
        <translation>La carte s&apos;écrit en .pdf ou .csv&#xa0;: donnez au fichier l&apos;une de ces extensions.</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vide</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Everything that was done at the easel stands here in its order, with your notes and photographs. Search for a stick, an area or a word, in this log or in all; the card for the picture&apos;s back tells what was used and how long it took.</source>
        <translation>Tout ce qui a été fait au chevalet est ici dans l&apos;ordre, avec vos notes et photos. Cherchez un bâton, une zone ou un mot, dans ce journal ou dans tous&#xa0;; la carte pour le dos du tableau dit ce qui a servi et combien de temps il a fallu.</translation>
    </message>
    <message>
        <source>This was taken back.</source>
        <translation>Cela a été repris.</translation>
    </message>
    <message>
        <source>%1 were planned for it.</source>
        <translation>%1 étaient prévues pour cela.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Ce qui a servi</translation>
    </message>
    <message>
        <source>Nothing is laid yet.</source>
        <translation>Rien n&apos;est encore posé.</translation>
    </message>
    <message>
        <source>Sheet as planned after step %1</source>
        <translation>Feuille prévue après l&apos;étape %1</translation>
    </message>
    <message>
        <source>Photographed after step %1</source>
        <translation>Photographié après l&apos;étape %1</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Journal</translation>
    </message>
    <message>
        <source>A stick, an area or any word of a note.</source>
        <translation>Un bâton, une zone ou un mot d&apos;une note.</translation>
    </message>
    <message>
        <source>Searches the logs of all studies.</source>
        <translation>Cherche dans les journaux de toutes les études.</translation>
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
        <translation>On replanifie</translation>
    </message>
    <message>
        <source>Planning stopped</source>
        <translation>Planification arrêtée</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>What is done at the easel is kept in the study&apos;s file: save the study first.</source>
        <translation>Ce qui se fait au chevalet est gardé dans le fichier de l&apos;étude&#xa0;: enregistrez d&apos;abord l&apos;étude.</translation>
    </message>
    <message>
        <source>This is not kept yet, so nothing has moved on. %1</source>
        <translation>Cela n&apos;est pas encore gardé, donc rien n&apos;a avancé. %1</translation>
    </message>
    <message>
        <source>What you choose cannot be kept for the case of a crash; save the study elsewhere. %1</source>
        <translation>Ce que vous choisissez ne peut être gardé en cas de panne&#xa0;; enregistrez l&apos;étude ailleurs. %1</translation>
    </message>
    <message>
        <source>Planning</source>
        <translation>Planification</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>&amp;Study</source>
        <translation>É&amp;tude</translation>
    </message>
    <message>
        <source>New from picture…</source>
        <translation>Nouvelle à partir d&apos;une image…</translation>
    </message>
    <message>
        <source>Pin up another reference…</source>
        <translation>Épingler une autre référence…</translation>
    </message>
    <message>
        <source>Open study…</source>
        <translation>Ouvrir une étude…</translation>
    </message>
    <message>
        <source>Open the demo study &quot;Kettle&quot;</source>
        <translation>Ouvrir l&apos;étude d&apos;exemple «&#xa0;Bouilloire&#xa0;»</translation>
    </message>
    <message>
        <source>Open the demo study &quot;Tea hills&quot;</source>
        <translation>Ouvrir l&apos;étude d&apos;exemple «&#xa0;Collines de thé&#xa0;»</translation>
    </message>
    <message>
        <source>Open the demo evening at the easel</source>
        <translation>Ouvrir l&apos;exemple d&apos;une soirée au chevalet</translation>
    </message>
    <message>
        <source>Begin another sheet of this study</source>
        <translation>Commencer une autre feuille de cette étude</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Enregistrer sous…</translation>
    </message>
    <message>
        <source>Write the plan for the easel…</source>
        <translation>Écrire le plan pour le chevalet…</translation>
    </message>
    <message>
        <source>Export construction drawing (SVG, PDF)…</source>
        <translation>Exporter le dessin de construction (SVG, PDF)…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>É&amp;dition</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Stop reading or planning</source>
        <translation>Arrêter la lecture ou la planification</translation>
    </message>
    <message>
        <source>I work with the left hand</source>
        <translation>Je travaille de la main gauche</translation>
    </message>
    <message>
        <source>The hand that works</source>
        <translation>La main qui travaille</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>&amp;Regard</translation>
    </message>
    <message>
        <source>Squint (hold Q)</source>
        <translation>Plisser les yeux (maintenir Q)</translation>
    </message>
    <message>
        <source>Values only (hold W)</source>
        <translation>Valeurs seules (maintenir W)</translation>
    </message>
    <message>
        <source>Mirror (hold E)</source>
        <translation>Miroir (maintenir E)</translation>
    </message>
    <message>
        <source>Upside down (hold D)</source>
        <translation>À l&apos;envers (maintenir D)</translation>
    </message>
    <message>
        <source>What the sheet is compared with, in its place (hold A)</source>
        <translation>Ce à quoi on compare la feuille, à sa place (maintenir A)</translation>
    </message>
    <message>
        <source>Grid (R)</source>
        <translation>Grille (R)</translation>
    </message>
    <message>
        <source>Under lamp light, or daylight again (hold T)</source>
        <translation>Sous la lampe, ou de nouveau au jour (maintenir T)</translation>
    </message>
    <message>
        <source>Nearer</source>
        <translation>Plus près</translation>
    </message>
    <message>
        <source>Further</source>
        <translation>Plus loin</translation>
    </message>
    <message>
        <source>The sheet from 2 cm</source>
        <translation>La feuille à 2 cm</translation>
    </message>
    <message>
        <source>The sheet from 20 cm</source>
        <translation>La feuille à 20 cm</translation>
    </message>
    <message>
        <source>The sheet from 2 m</source>
        <translation>La feuille à 2 m</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Tout le tableau</translation>
    </message>
    <message>
        <source>Mid grey frame</source>
        <translation>Cadre gris moyen</translation>
    </message>
    <message>
        <source>Evening frame</source>
        <translation>Cadre du soir</translation>
    </message>
    <message>
        <source>Words and controls larger</source>
        <translation>Mots et commandes plus grands</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Words and controls have %1 % of their usual size from the next start on.</source>
        <translation>Mots et commandes ont %1 % de leur taille habituelle à partir du prochain démarrage.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Comme le système</translation>
    </message>
    <message>
        <source>Yawning Dune speaks this language from its next start on.</source>
        <translation>Yawning Dune parle cette langue à partir de son prochain démarrage.</translation>
    </message>
    <message>
        <source>&amp;Route</source>
        <translation>&amp;Chemin</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Matériel</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Exercices</translation>
    </message>
    <message>
        <source>Trial sheet, with what is in hand</source>
        <translation>Feuille d&apos;essai, avec ce qui est en main</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Aide</translation>
    </message>
    <message>
        <source>Working safely</source>
        <translation>Travailler sans danger</translation>
    </message>
    <message>
        <source>Notes of a first study again</source>
        <translation>Revoir les notes de la première étude</translation>
    </message>
    <message>
        <source>About Yawning Dune</source>
        <translation>À propos de Yawning Dune</translation>
    </message>
    <message>
        <source>Yawning Dune %1 plans soft-pastel pictures: paper, sticks, underpainting and the order of layers.
Free software under the GNU GPL, version 3 or later.</source>
        <translation>Yawning Dune %1 planifie des tableaux au pastel tendre&#xa0;: papier, bâtons, sous-couche et ordre des couches.
Logiciel libre sous la GNU GPL, version 3 ou ultérieure.</translation>
    </message>
    <message>
        <source>no plan yet</source>
        <translation>pas encore de plan</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>New study</source>
        <translation>Nouvelle étude</translation>
    </message>
    <message>
        <source>%1[*] · Yawning Dune</source>
        <translation>%1[*] · Yawning Dune</translation>
    </message>
    <message>
        <source>%1, both under %2</source>
        <translation>%1, les deux sous %2</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</source>
        <translation>Images (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Your materials cannot be read</source>
        <translation>Votre matériel ne peut être lu</translation>
    </message>
    <message>
        <source>%1 Plan this picture with the starter materials meanwhile?</source>
        <translation>%1 Planifier ce tableau avec le matériel de départ en attendant&#xa0;?</translation>
    </message>
    <message>
        <source>The plan is not ready yet: wait until it is made, then export it.</source>
        <translation>Le plan n&apos;est pas encore prêt&#xa0;: attendez qu&apos;il soit fait, puis exportez-le.</translation>
    </message>
    <message>
        <source>There is nothing to construct yet: open a picture first.</source>
        <translation>Il n&apos;y a encore rien à construire&#xa0;: ouvrez d&apos;abord une image.</translation>
    </message>
    <message>
        <source>A construction drawing is exported as .svg or .pdf: give the file one of these endings.</source>
        <translation>Un dessin de construction s&apos;exporte en .svg ou .pdf&#xa0;: donnez au fichier l&apos;une de ces extensions.</translation>
    </message>
    <message>
        <source>Unsaved choices</source>
        <translation>Choix non enregistrés</translation>
    </message>
    <message>
        <source>This study has choices that are not saved.</source>
        <translation>Cette étude a des choix qui ne sont pas enregistrés.</translation>
    </message>
    <message>
        <source>Open picture</source>
        <translation>Ouvrir une image</translation>
    </message>
    <message>
        <source>Open study</source>
        <translation>Ouvrir une étude</translation>
    </message>
    <message>
        <source>Studies (*.dune)</source>
        <translation>Études (*.dune)</translation>
    </message>
    <message>
        <source>Save study</source>
        <translation>Enregistrer l&apos;étude</translation>
    </message>
    <message>
        <source>Pin up another reference</source>
        <translation>Épingler une autre référence</translation>
    </message>
    <message>
        <source>Export the construction drawing</source>
        <translation>Exporter le dessin de construction</translation>
    </message>
    <message>
        <source>Real size (*.svg);;A4 pages to join (*.pdf)</source>
        <translation>Grandeur réelle (*.svg);;Pages A4 à assembler (*.pdf)</translation>
    </message>
    <message>
        <source>Manual, at this page</source>
        <translation>Manuel, à cette page</translation>
    </message>
    <message>
        <source>All keys</source>
        <translation>Toutes les touches</translation>
    </message>
    <message>
        <source>Stops what is being made, or goes on with it; nothing is lost.</source>
        <translation>Arrête ce qui se fait, ou le continue&#xa0;; rien n&apos;est perdu.</translation>
    </message>
    <message>
        <source>Study</source>
        <translation>Étude</translation>
    </message>
    <message>
        <source>Waiting for what is still under way on this study</source>
        <translation>Attend ce qui est encore en cours sur cette étude</translation>
    </message>
    <message>
        <source>Stay with this study</source>
        <translation>Rester sur cette étude</translation>
    </message>
</context>
<context>
    <name>app::ManualWindow</name>
    <message>
        <source>Index</source>
        <translation>Index</translation>
    </message>
    <message>
        <source>Manual · Yawning Dune</source>
        <translation>Manuel · Yawning Dune</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>Chercher dans le manuel</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Pages du manuel</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Page</translation>
    </message>
    <message>
        <source>All keys</source>
        <translation>Toutes les touches</translation>
    </message>
    <message>
        <source>Nothing in the manual is like that.</source>
        <translation>Rien dans le manuel n&apos;est ainsi.</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Touche</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Ce qu&apos;elle fait</translation>
    </message>
    <message>
        <source>Held keys</source>
        <translation>Touches maintenues</translation>
    </message>
    <message>
        <source>Hold Q to squint, W for values only, E to mirror, D for upside down, A for what the sheet is compared with, T for lamp light. R draws a grid and takes it away. These stand under Look too.</source>
        <translation>Maintenez Q pour plisser les yeux, W pour les valeurs seules, E pour le miroir, D pour l&apos;envers, A pour ce à quoi on compare la feuille, T pour la lampe. R trace une grille et l&apos;ôte. Tout cela est aussi sous Regard.</translation>
    </message>
    <message>
        <source>Lists the pages that have these words.</source>
        <translation>Liste les pages qui ont ces mots.</translation>
    </message>
</context>
<context>
    <name>app::Margin</name>
    <message>
        <source>Margin</source>
        <translation>Marge</translation>
    </message>
    <message>
        <source>Understood</source>
        <translation>Compris</translation>
    </message>
    <message>
        <source>Take note</source>
        <translation>À noter</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Pourquoi</translation>
    </message>
    <message>
        <source>Mind</source>
        <translation>Attention</translation>
    </message>
    <message>
        <source>Takes this note away; Help brings all notes back.</source>
        <translation>Ôte cette note&#xa0;; Aide les ramène toutes.</translation>
    </message>
</context>
<context>
    <name>app::Materials</name>
    <message>
        <source>Tools</source>
        <translation>Outils</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papiers</translation>
    </message>
    <message>
        <source>Greys, black, white</source>
        <translation>Gris, noir, blanc</translation>
    </message>
    <message>
        <source>In no box</source>
        <translation>Dans aucune boîte</translation>
    </message>
    <message>
        <source>Likely the same: %1</source>
        <translation>Sans doute le même&#xa0;: %1</translation>
    </message>
    <message>
        <source>Nearest first</source>
        <translation>Les plus proches d&apos;abord</translation>
    </message>
</context>
<context>
    <name>app::MaterialsWindow</name>
    <message>
        <source>&amp;Drawer</source>
        <translation>&amp;Tiroir</translation>
    </message>
    <message>
        <source>Put something new into it…</source>
        <translation>Y mettre quelque chose de nouveau…</translation>
    </message>
    <message>
        <source>Change what it is…</source>
        <translation>Changer ce que c&apos;est…</translation>
    </message>
    <message>
        <source>Attach a photograph…</source>
        <translation>Joindre une photo…</translation>
    </message>
    <message>
        <source>Attach a photograph</source>
        <translation>Joindre une photo</translation>
    </message>
    <message>
        <source>Try on the trial sheet</source>
        <translation>Essayer sur la feuille d&apos;essai</translation>
    </message>
    <message>
        <source>Take in a list…</source>
        <translation>Ajouter une liste…</translation>
    </message>
    <message>
        <source>Take in a list</source>
        <translation>Ajouter une liste</translation>
    </message>
    <message>
        <source>Lists, palettes, readings, drawers (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)</source>
        <translation>Listes, palettes, lectures, tiroirs (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exporter…</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exporter</translation>
    </message>
    <message>
        <source>List of what is shown (*.csv);;Its colours as a palette (*.gpl);;Its colours as readings, CGATS (*.txt);;The whole drawer (*.json)</source>
        <translation>Liste de ce qui est montré (*.csv);;Ses couleurs en palette (*.gpl);;Ses couleurs en lectures, CGATS (*.txt);;Tout le tiroir (*.json)</translation>
    </message>
    <message>
        <source>Print swatch cards for what is shown, A4…</source>
        <translation>Imprimer des nuanciers pour ce qui est montré, A4…</translation>
    </message>
    <message>
        <source>Print swatch cards for what is shown, Letter…</source>
        <translation>Imprimer des nuanciers pour ce qui est montré, Letter…</translation>
    </message>
    <message>
        <source>Print swatch cards</source>
        <translation>Imprimer des nuanciers</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Cartes (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled card…</source>
        <translation>Lire une carte remplie…</translation>
    </message>
    <message>
        <source>Read a filled card</source>
        <translation>Lire une carte remplie</translation>
    </message>
    <message>
        <source>Colour reader…</source>
        <translation>Lecteur de couleur…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>É&amp;dition</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Annuler&#xa0;: %1</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Rétablir&#xa0;: %1</translation>
    </message>
    <message>
        <source>Select all that is shown</source>
        <translation>Choisir tout ce qui est montré</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Trouver</translation>
    </message>
    <message>
        <source>Find a colour out of a photograph…</source>
        <translation>Trouver une couleur d&apos;après une photo…</translation>
    </message>
    <message>
        <source>Find a colour</source>
        <translation>Trouver une couleur</translation>
    </message>
    <message>
        <source>Show what is likely there twice</source>
        <translation>Montrer ce qui est sans doute en double</translation>
    </message>
    <message>
        <source>Make one of what is chosen</source>
        <translation>Ne faire qu&apos;un de ce qui est choisi</translation>
    </message>
    <message>
        <source>Take out of the drawer</source>
        <translation>Ôter du tiroir</translation>
    </message>
    <message>
        <source>&amp;Tray</source>
        <translation>&amp;Plateau</translation>
    </message>
    <message>
        <source>Put what is chosen into a tray…</source>
        <translation>Mettre ce qui est choisi dans un plateau…</translation>
    </message>
    <message>
        <source>Take what is chosen out of this tray</source>
        <translation>Ôter ce qui est choisi de ce plateau</translation>
    </message>
    <message>
        <source>Call this tray otherwise…</source>
        <translation>Nommer autrement ce plateau…</translation>
    </message>
    <message>
        <source>Give this tray up</source>
        <translation>Abandonner ce plateau</translation>
    </message>
    <message>
        <source>Into a tray</source>
        <translation>Dans un plateau</translation>
    </message>
    <message>
        <source>A tray that is there, or a new name:</source>
        <translation>Un plateau qui existe, ou un nouveau nom&#xa0;:</translation>
    </message>
    <message>
        <source>Into the tray %1</source>
        <translation>Dans le plateau %1</translation>
    </message>
    <message>
        <source>Show a tray first: what is chosen is then taken out of it.</source>
        <translation>Montrez d&apos;abord un plateau&#xa0;: ce qui est choisi en est alors ôté.</translation>
    </message>
    <message>
        <source>Out of the tray %1</source>
        <translation>Hors du plateau %1</translation>
    </message>
    <message>
        <source>Show a tray first: it can then be called otherwise.</source>
        <translation>Montrez d&apos;abord un plateau&#xa0;: on peut alors le nommer autrement.</translation>
    </message>
    <message>
        <source>Tray</source>
        <translation>Plateau</translation>
    </message>
    <message>
        <source>Its new name:</source>
        <translation>Son nouveau nom&#xa0;:</translation>
    </message>
    <message>
        <source>There is a tray called %1 already: take another name.</source>
        <translation>Il y a déjà un plateau nommé %1&#xa0;: prenez un autre nom.</translation>
    </message>
    <message>
        <source>Call the tray %1</source>
        <translation>Nommer le plateau %1</translation>
    </message>
    <message>
        <source>Show a tray first: it can then be given up. Its things stay.</source>
        <translation>Montrez d&apos;abord un plateau&#xa0;: on peut alors l&apos;abandonner. Ses choses restent.</translation>
    </message>
    <message>
        <source>Give up the tray %1</source>
        <translation>Abandonner le plateau %1</translation>
    </message>
    <message>
        <source>Choose two or more that are one and the same, all sticks or paints, all papers or all tools.</source>
        <translation>Choisissez-en deux ou plus qui soient la même chose, tous bâtons ou couleurs, tous papiers ou tous outils.</translation>
    </message>
    <message>
        <source>Make one of %1</source>
        <translation>N&apos;en faire qu&apos;un&#xa0;: %1</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Prélever une couleur</translation>
    </message>
    <message>
        <source>Choose sticks and paints, papers or tools alone: they are told in other words.</source>
        <translation>Choisissez seulement bâtons et couleurs, papiers ou outils&#xa0;: on les décrit avec d&apos;autres mots.</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>Changer %1</translation>
    </message>
    <message numerus="yes">
        <source>Change %n things</source>
        <translation>
            <numerusform>Changer %n chose</numerusform>
            <numerusform>Changer %n choses</numerusform>
        </translation>
    </message>
    <message>
        <source>Put in %1</source>
        <translation>Y mettre %1</translation>
    </message>
    <message>
        <source>Pick its colour</source>
        <translation>Prélever sa couleur</translation>
    </message>
    <message>
        <source>Detach a photograph</source>
        <translation>Détacher une photo</translation>
    </message>
    <message>
        <source>What was taken in before is still being written: wait until it is shown.</source>
        <translation>Ce qui a été ajouté avant s&apos;écrit encore&#xa0;: attendez de le voir.</translation>
    </message>
    <message>
        <source>List taken in</source>
        <translation>Liste ajoutée</translation>
    </message>
    <message numerus="yes">
        <source>%n things were taken in; undoing gives back what was before.</source>
        <translation>
            <numerusform>%n chose a été ajoutée&#xa0;; annuler rend ce qu&apos;il y avait avant.</numerusform>
            <numerusform>%n choses ont été ajoutées&#xa0;; annuler rend ce qu&apos;il y avait avant.</numerusform>
        </translation>
    </message>
    <message>
        <source>Taking in a drawer</source>
        <translation>Ajout d&apos;un tiroir</translation>
    </message>
    <message>
        <source>The file is being read.</source>
        <translation>Le fichier est en cours de lecture.</translation>
    </message>
    <message>
        <source>Take in %1</source>
        <translation>Ajouter %1</translation>
    </message>
    <message>
        <source>Drawer taken in</source>
        <translation>Tiroir ajouté</translation>
    </message>
    <message>
        <source>%1 and %2 were taken in; undoing gives back what was before.</source>
        <translation>%1 et %2 ont été ajoutés&#xa0;; annuler rend ce qu&apos;il y avait avant.</translation>
    </message>
    <message>
        <source>A drawer is exported as .csv, .gpl, .txt or .json: give the file one of these endings.</source>
        <translation>Un tiroir s&apos;exporte en .csv, .gpl, .txt ou .json&#xa0;: donnez au fichier l&apos;une de ces extensions.</translation>
    </message>
    <message>
        <source>Nothing that is shown has a colour: show some sticks, then print cards for them.</source>
        <translation>Rien de ce qui est montré n&apos;a de couleur&#xa0;: montrez des bâtons, puis imprimez des cartes pour eux.</translation>
    </message>
    <message>
        <source>Cards can be printed for %1 things at once: show fewer.</source>
        <translation>On peut imprimer des cartes pour %1 choses à la fois&#xa0;: montrez-en moins.</translation>
    </message>
    <message>
        <source>Card read</source>
        <translation>Carte lue</translation>
    </message>
    <message>
        <source>Materials · Yawning Dune</source>
        <translation>Matériel · Yawning Dune</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>hue and value</source>
        <translation>teinte et valeur</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>genre</translation>
    </message>
    <message>
        <source>box</source>
        <translation>boîte</translation>
    </message>
    <message>
        <source>by</source>
        <translation>par</translation>
    </message>
    <message>
        <source>Lay out by</source>
        <translation>Disposer par</translation>
    </message>
    <message>
        <source>words, or a colour: #rrggbb</source>
        <translation>mots, ou une couleur&#xa0;: #rrggbb</translation>
    </message>
    <message>
        <source>Runs low</source>
        <translation>S&apos;épuise</translation>
    </message>
    <message>
        <source>Nearest to this</source>
        <translation>Proches de ceci</translation>
    </message>
    <message>
        <source>Tried on</source>
        <translation>Essayé sur</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>tout le tiroir</translation>
    </message>
    <message>
        <source>tray: %1</source>
        <translation>plateau&#xa0;: %1</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Matériel</translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in this tray. The Sticks station lets a study draw from it alone.</source>
        <translation>
            <numerusform>%n chose est dans ce plateau. À Bâtons, une étude peut y puiser seulement.</numerusform>
            <numerusform>%n choses sont dans ce plateau. À Bâtons, une étude peut y puiser seulement.</numerusform>
        </translation>
    </message>
    <message>
        <source>New studies draw from all that is not used up.</source>
        <translation>Les nouvelles études puisent dans tout ce qui n&apos;est pas épuisé.</translation>
    </message>
    <message>
        <source>Mixtures of your own, to be laid on the trial sheet (Y): %1.</source>
        <translation>Vos propres mélanges, à poser sur la feuille d&apos;essai (Y)&#xa0;: %1.</translation>
    </message>
    <message>
        <source>It lies in: %1.</source>
        <translation>Il est dans&#xa0;: %1.</translation>
    </message>
    <message>
        <source>It is in your own: %1.</source>
        <translation>Il entre dans vos mélanges&#xa0;: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n things chosen</source>
        <translation>
            <numerusform>%n chose choisie</numerusform>
            <numerusform>%n choses choisies</numerusform>
        </translation>
    </message>
    <message>
        <source>What you say below goes for all of them.</source>
        <translation>Ce que vous dites ci-dessous vaut pour toutes.</translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in the drawer. Choose some to read what is known of them and to say what is left, where they lie and what you noticed.</source>
        <translation>
            <numerusform>%n chose est dans le tiroir. Choisissez-la pour lire ce qu&apos;on en sait et dire ce qui reste, où elle est et ce que vous avez remarqué.</numerusform>
            <numerusform>%n choses sont dans le tiroir. Choisissez-en pour lire ce qu&apos;on en sait et dire ce qui reste, où elles sont et ce que vous avez remarqué.</numerusform>
        </translation>
    </message>
    <message>
        <source>All that you have, or one tray of it.</source>
        <translation>Tout ce que vous avez, ou un plateau.</translation>
    </message>
    <message>
        <source>By what things lie together.</source>
        <translation>Selon quoi les choses sont rangées.</translation>
    </message>
    <message>
        <source>Words that a thing has, or a colour as #rrggbb: what comes nearest is first.</source>
        <translation>Des mots d&apos;une chose, ou une couleur #rrggbb&#xa0;: le plus proche vient d&apos;abord.</translation>
    </message>
    <message>
        <source>Shows only what is a stub or used up.</source>
        <translation>Ne montre que ce qui est un bout ou épuisé.</translation>
    </message>
    <message>
        <source>Lays out everything by how near its colour is to the chosen one, in CIEDE2000.</source>
        <translation>Dispose tout selon la proximité de sa couleur à la couleur choisie, en CIEDE2000.</translation>
    </message>
    <message>
        <source>The paper on which what is told of colours and substitutes is tried.</source>
        <translation>Le papier sur lequel couleurs et remplaçants sont essayés.</translation>
    </message>
</context>
<context>
    <name>app::MeasureLeaf</name>
    <message>
        <source>Draw a line on the subject: its length on the
sheet, its slope and how often the unit goes
into it stand here.</source>
        <translation>Tracez une ligne sur le sujet&#xa0;: sa longueur sur
la feuille, sa pente et combien de fois l&apos;unité
y entre se liront ici.</translation>
    </message>
    <message>
        <source>millimetres on the sheet</source>
        <translation>millimètres sur la feuille</translation>
    </message>
    <message>
        <source>%1° from level</source>
        <translation>%1° de l&apos;horizontale</translation>
    </message>
    <message>
        <source>%1° from plumb</source>
        <translation>%1° de l&apos;aplomb</translation>
    </message>
    <message>
        <source>Measuring strip</source>
        <translation>Bande de mesure</translation>
    </message>
    <message>
        <source>Kept lengths</source>
        <translation>Longueurs gardées</translation>
    </message>
    <message>
        <source>Keep the length</source>
        <translation>Garder la longueur</translation>
    </message>
    <message>
        <source>It is listed, told in the unit, and stands in the construction drawing.</source>
        <translation>Elle est listée, dite dans l&apos;unité, et figure dans le dessin de construction.</translation>
    </message>
    <message>
        <source>As the unit</source>
        <translation>Comme unité</translation>
    </message>
    <message>
        <source>Other lengths are told in this one.</source>
        <translation>Les autres longueurs se disent en celle-ci.</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Lâcher</translation>
    </message>
    <message>
        <source>The kept length that is chosen in the list.</source>
        <translation>La longueur gardée qui est choisie dans la liste.</translation>
    </message>
    <message>
        <source>Lines catch borders</source>
        <translation>Les lignes s&apos;accrochent aux bords</translation>
    </message>
    <message>
        <source>Ends move to the hardest border within a few pixels; a line along a border is laid on it.</source>
        <translation>Les bouts vont au bord le plus dur à quelques pixels&#xa0;; une ligne le long d&apos;un bord est posée dessus.</translation>
    </message>
    <message>
        <source>thirds</source>
        <translation>tiers</translation>
    </message>
    <message>
        <source>every %1 mm</source>
        <translation>tous les %1 mm</translation>
    </message>
    <message>
        <source>Grid (R)</source>
        <translation>Grille (R)</translation>
    </message>
    <message>
        <source>Construction drawing on the sheet</source>
        <translation>Dessin de construction sur la feuille</translation>
    </message>
    <message>
        <source>up to mark</source>
        <translation>jusqu&apos;à la marque</translation>
    </message>
    <message>
        <source>Export it at real size…</source>
        <translation>L&apos;exporter en grandeur réelle…</translation>
    </message>
    <message>
        <source>SVG, or PDF on A4 pages with crosses to join them by.</source>
        <translation>SVG, ou PDF sur pages A4 avec des croix pour les assembler.</translation>
    </message>
    <message>
        <source>Unit of length</source>
        <translation>Unité de longueur</translation>
    </message>
    <message>
        <source>Keep a length</source>
        <translation>Garder une longueur</translation>
    </message>
    <message>
        <source>Let a length go</source>
        <translation>Lâcher une longueur</translation>
    </message>
    <message>
        <source>%1: the unit</source>
        <translation>%1&#xa0;: l&apos;unité</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Sheet, constructed up to mark %1 of %2</source>
        <translation>Feuille, construite jusqu&apos;à la marque %1 sur %2</translation>
    </message>
    <message>
        <source>%1 is %2 wide and %3 high: it reaches from %4 to %5 mm across and from %6 to %7 mm down.</source>
        <translation>%1 fait %2 de large et %3 de haut&#xa0;: de %4 à %5 mm en travers et de %6 à %7 mm en hauteur.</translation>
    </message>
    <message>
        <source>Plumb with the place that you clicked: %1.</source>
        <translation>D&apos;aplomb avec l&apos;endroit cliqué&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Level with it: %1.</source>
        <translation>De niveau avec lui&#xa0;: %1.</translation>
    </message>
    <message>
        <source>The line is %1 mm long on the sheet, %2° from level and %3° from plumb.</source>
        <translation>La ligne fait %1 mm sur la feuille, à %2° de l&apos;horizontale et %3° de l&apos;aplomb.</translation>
    </message>
    <message>
        <source>That is %1 of your units.</source>
        <translation>Soit %1 de vos unités.</translation>
    </message>
    <message>
        <source>Click on a shape: its extents, and what stands plumb or level with the place, are told here.</source>
        <translation>Cliquez sur une forme&#xa0;: son étendue, et ce qui est d&apos;aplomb ou de niveau avec l&apos;endroit, se lisent ici.</translation>
    </message>
    <message>
        <source>Drawn in this order: the format with its middle and thirds, all heights from %1, the tallest, on, all widths, the outlines, the lengths that you kept.</source>
        <translation>Dessiné dans cet ordre&#xa0;: le format avec son milieu et ses tiers, toutes les hauteurs à partir de %1, la plus grande, toutes les largeurs, les contours, les longueurs gardées.</translation>
    </message>
    <message>
        <source>Outlines are full where an edge is hard, dashed where it is soft, dotted where it is lost.</source>
        <translation>Les contours sont pleins où un bord est dur, en tirets où il est doux, en points où il est perdu.</translation>
    </message>
    <message>
        <source>Take one length as the unit, and the others are told in it.</source>
        <translation>Prenez une longueur comme unité, et les autres se disent en elle.</translation>
    </message>
    <message>
        <source>What the grid divides the picture into.</source>
        <translation>En quoi la grille divise le tableau.</translation>
    </message>
    <message>
        <source>Shows on the sheet what to draw, in its order: format, heights, widths, outlines, kept lengths.</source>
        <translation>Montre sur la feuille ce qu&apos;il faut dessiner, dans l&apos;ordre&#xa0;: format, hauteurs, largeurs, contours, longueurs gardées.</translation>
    </message>
    <message>
        <source>Up to which line of the construction drawing is shown.</source>
        <translation>Jusqu&apos;à quelle ligne le dessin de construction est montré.</translation>
    </message>
</context>
<context>
    <name>app::MendAnswers</name>
    <message>
        <source>Choose an area to answer for it.</source>
        <translation>Choisissez une zone pour répondre pour elle.</translation>
    </message>
    <message>
        <source>What would mend it is being tried.</source>
        <translation>Ce qui la corrigerait est à l&apos;essai.</translation>
    </message>
    <message>
        <source>Let it be</source>
        <translation>Laisser tel quel</translation>
    </message>
    <message>
        <source>%1:</source>
        <translation>%1&#xa0;:</translation>
    </message>
</context>
<context>
    <name>app::MixSheet</name>
    <message>
        <source>What it looks like</source>
        <translation>Son aspect</translation>
    </message>
    <message>
        <source>Mixed by hand under %1</source>
        <translation>Mélangé à la main sous %1</translation>
    </message>
    <message>
        <source>Up to three paints in parts are one wash; sticks are laid one after the other and rubbed in.</source>
        <translation>Jusqu&apos;à trois couleurs en parts font un lavis&#xa0;; les bâtons sont posés l&apos;un après l&apos;autre et frottés.</translation>
    </message>
    <message>
        <source>Medium %1</source>
        <translation>Matière %1</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Parts</translation>
    </message>
    <message>
        <source>thin, or light pressure</source>
        <translation>fin, ou pression légère</translation>
    </message>
    <message>
        <source>middling</source>
        <translation>moyen</translation>
    </message>
    <message>
        <source>strong, or heavy pressure</source>
        <translation>fort, ou pression forte</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Posé</translation>
    </message>
    <message>
        <source>Lay this mixture</source>
        <translation>Poser ce mélange</translation>
    </message>
    <message>
        <source>Leave it to the plan</source>
        <translation>Le laisser au plan</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Paint and sticks do not go into one mixture: what differs from the first is left out.</source>
        <translation>Couleur et bâtons n&apos;entrent pas dans un même mélange&#xa0;: ce qui diffère du premier est laissé.</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>papier nu</translation>
    </message>
    <message>
        <source>wet</source>
        <translation>mouillé</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>sec</translation>
    </message>
    <message>
        <source>most of the area</source>
        <translation>la plus grande part de la zone</translation>
    </message>
    <message>
        <source>Laid, against most of the area: %1.</source>
        <translation>Posé, contre la plus grande part de la zone&#xa0;: %1.</translation>
    </message>
</context>
<context>
    <name>app::NoteSheet</name>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>In your own words</source>
        <translation>Avec vos mots</translation>
    </message>
    <message>
        <source>Keep the note</source>
        <translation>Garder la note</translation>
    </message>
    <message>
        <source>No note</source>
        <translation>Pas de note</translation>
    </message>
    <message>
        <source>Choose a word, or write what you want to remember.</source>
        <translation>Choisissez un mot, ou écrivez ce que vous voulez retenir.</translation>
    </message>
</context>
<context>
    <name>app::OffcutsView</name>
    <message>
        <source>Offcuts</source>
        <translation>Chutes</translation>
    </message>
    <message>
        <source>to buy: %1</source>
        <translation>à acheter&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>%1 · set</source>
        <translation>%1 · pris</translation>
    </message>
</context>
<context>
    <name>app::OtherStickSheet</name>
    <message>
        <source>Another stick was taken</source>
        <translation>Un autre bâton a été pris</translation>
    </message>
    <message>
        <source>The plan has %1. What you lay instead is laid by the film as it is, and what is left is planned anew over it.</source>
        <translation>Le plan a %1. Ce que vous posez à la place est compté tel quel, et le reste est replanifié par-dessus.</translation>
    </message>
    <message>
        <source>Sticks at hand, the nearest first</source>
        <translation>Bâtons disponibles, les plus proches d&apos;abord</translation>
    </message>
    <message>
        <source>%1
%2 (%3)</source>
        <translation>%1
%2 (%3)</translation>
    </message>
    <message>
        <source>This one was taken</source>
        <translation>Celui-ci a été pris</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Comme prévu</translation>
    </message>
    <message>
        <source>There is no other stick at hand: put some into the drawer.</source>
        <translation>Il n&apos;y a pas d&apos;autre bâton&#xa0;: mettez-en dans le tiroir.</translation>
    </message>
</context>
<context>
    <name>app::PaceLeaf</name>
    <message>
        <source>%1, few yet: %2</source>
        <translation>%1, encore peu&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Rythme</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 sur %3</translation>
    </message>
    <message>
        <source>%1 × usual</source>
        <translation>%1 × l&apos;usuel</translation>
    </message>
    <message>
        <source>Plan this sheet by it</source>
        <translation>Planifier cette feuille ainsi</translation>
    </message>
    <message>
        <source>The minutes of what is left are told by the pace that was learnt.</source>
        <translation>Les minutes du reste sont dites selon le rythme appris.</translation>
    </message>
    <message>
        <source>Set the pace back</source>
        <translation>Remettre le rythme</translation>
    </message>
    <message>
        <source>What was learnt is let go, and later plans go by the usual pace again. The logs stay.</source>
        <translation>Ce qui a été appris est oublié, et les plans suivants reprennent le rythme usuel. Les journaux restent.</translation>
    </message>
    <message>
        <source>By manner: time taken of planned</source>
        <translation>Par manière&#xa0;: temps pris sur prévu</translation>
    </message>
    <message>
        <source>By medium</source>
        <translation>Par matière</translation>
    </message>
    <message>
        <source>By size</source>
        <translation>Par étendue</translation>
    </message>
    <message>
        <source>Nothing has been learnt yet: plans go by the usual pace. Each step that you lay at the Bench tells how long you take.</source>
        <translation>Rien n&apos;a encore été appris&#xa0;: les plans vont au rythme usuel. Chaque étape posée au Chevalet dit combien de temps il vous faut.</translation>
    </message>
    <message>
        <source>You take %1 times as long as usual: from %2, %3 at the easel where %4 were planned.%5</source>
        <translation>Il vous faut %1 fois le temps usuel&#xa0;: d&apos;après %2, %3 au chevalet où %4 étaient prévues.%5</translation>
    </message>
    <message>
        <source> That is few: much of it is the usual pace still.</source>
        <translation> C&apos;est peu&#xa0;: l&apos;essentiel reste le rythme usuel.</translation>
    </message>
    <message>
        <source>Your pace</source>
        <translation>Votre rythme</translation>
    </message>
    <message>
        <source>Learnt from all your logs, it sets the minutes of every sheet that you begin. A sheet that is begun keeps the pace that it was planned with, until you say otherwise.</source>
        <translation>Appris de tous vos journaux, il règle les minutes de chaque feuille que vous commencez. Une feuille commencée garde le rythme de son plan, jusqu&apos;à ce que vous en décidiez autrement.</translation>
    </message>
    <message>
        <source>This sheet goes by the usual pace.</source>
        <translation>Cette feuille va au rythme usuel.</translation>
    </message>
    <message>
        <source>This sheet goes by %1 times the usual pace, and what was learnt of manners, media and sizes.</source>
        <translation>Cette feuille va à %1 fois le temps usuel, et à ce qu&apos;on a appris des manières, des matières et des étendues.</translation>
    </message>
    <message>
        <source>Each line multiplies the others: a pencil, hatched, in a small place. A hollow mark rests on few steps. A step that took very much longer or shorter than all others (a key forgotten) does not count.</source>
        <translation>Chaque ligne multiplie les autres&#xa0;: un crayon, en hachures, sur un petit endroit. Une marque creuse repose sur peu d&apos;étapes. Une étape bien plus longue ou plus courte que toutes les autres (une touche oubliée) ne compte pas.</translation>
    </message>
</context>
<context>
    <name>app::PaperStation</name>
    <message>
        <source>The sheet, cut</source>
        <translation>La feuille, découpée</translation>
    </message>
    <message>
        <source>How large its sheets are is not known: say it in Materials, and they are cut here.</source>
        <translation>On ne sait pas le format de ses feuilles&#xa0;: dites-le à Matériel, et on les découpe ici.</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>%1: too small for the picture</source>
        <translation>%1&#xa0;: trop petite pour le tableau</translation>
    </message>
    <message numerus="yes">
        <source>%1 gives %n pieces</source>
        <translation>
            <numerusform>%1 donne %n morceau</numerusform>
            <numerusform>%1 donne %n morceaux</numerusform>
        </translation>
    </message>
    <message>
        <source>The offcuts</source>
        <translation>Les chutes</translation>
    </message>
    <message>
        <source>the best for your goal first</source>
        <translation>la meilleure pour votre but d&apos;abord</translation>
    </message>
    <message>
        <source>As it looks there</source>
        <translation>Telle qu&apos;on l&apos;y voit</translation>
    </message>
    <message>
        <source>Beside its neighbours a colour looks lighter or darker than it measures.</source>
        <translation>À côté de ses voisines, une couleur paraît plus claire ou plus sombre qu&apos;elle ne mesure.</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>But</translation>
    </message>
    <message>
        <source>Take the best paper</source>
        <translation>Prendre le meilleur papier</translation>
    </message>
    <message>
        <source>Set this paper</source>
        <translation>Prendre ce papier</translation>
    </message>
    <message>
        <source>Test cards</source>
        <translation>Cartes-tests</translation>
    </message>
    <message>
        <source>Print a test card of the best three, A4…</source>
        <translation>Imprimer une carte-test des trois meilleurs, A4…</translation>
    </message>
    <message>
        <source>The same, Letter…</source>
        <translation>La même, Letter…</translation>
    </message>
    <message>
        <source>Print a test card</source>
        <translation>Imprimer une carte-test</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Cartes (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled test card…</source>
        <translation>Lire une carte-test remplie…</translation>
    </message>
    <message>
        <source>Read a filled test card</source>
        <translation>Lire une carte-test remplie</translation>
    </message>
    <message>
        <source>The test card is in %1. It tells what to lay on real offcuts and what should be seen.</source>
        <translation>La carte-test est dans %1. Elle dit ce qu&apos;il faut poser sur de vraies chutes et ce qu&apos;on devrait voir.</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Under the tape, on each side of the picture.</source>
        <translation>Sous l&apos;adhésif, de chaque côté du tableau.</translation>
    </message>
    <message>
        <source>Pictures of this size on the same paper.</source>
        <translation>Tableaux de ce format sur le même papier.</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Bord</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Tableaux</translation>
    </message>
    <message>
        <source>Pictures in the series</source>
        <translation>Tableaux de la série</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>pas encore choisi</translation>
    </message>
    <message>
        <source>Subject cut out, as it looks on %1</source>
        <translation>Sujet détouré, tel qu&apos;on le voit sur %1</translation>
    </message>
    <message>
        <source>Subject cut out, as it measures, on %1</source>
        <translation>Sujet détouré, tel qu&apos;il mesure, sur %1</translation>
    </message>
    <message>
        <source>All your papers, tried with your sticks, the best for your goal first. Choose one by a click and set it, or leave it to the plan.</source>
        <translation>Tous vos papiers, essayés avec vos bâtons, le meilleur pour votre but d&apos;abord. Choisissez-en un d&apos;un clic et prenez-le, ou laissez au plan.</translation>
    </message>
    <message>
        <source>Papers are tried as soon as the subject is read.</source>
        <translation>Les papiers sont essayés dès que le sujet est lu.</translation>
    </message>
    <message>
        <source>It is taken because it ranks first.</source>
        <translation>Il est pris parce qu&apos;il arrive premier.</translation>
    </message>
    <message>
        <source>You have set it.</source>
        <translation>Vous l&apos;avez pris.</translation>
    </message>
    <message>
        <source>It is not at hand: used up, or not bought yet.</source>
        <translation>Vous ne l&apos;avez pas&#xa0;: épuisé, ou pas encore acheté.</translation>
    </message>
    <message>
        <source>%1. Score %2 of 100, %3 of %4: %5.</source>
        <translation>%1. %2 points sur 100, %3e sur %4&#xa0;: %5.</translation>
    </message>
    <message>
        <source>A quick plan on it, in at most three layers, ends %1 (%2).</source>
        <translation>Un plan rapide dessus, en trois couches au plus, finit %1 (%2).</translation>
    </message>
    <message>
        <source>On each piece lie the subject&apos;s dark, medium and light, in pencil, soft stick and pan.</source>
        <translation>Sur chaque morceau sont le sombre, le moyen et le clair du sujet, au crayon, au bâton tendre et au godet.</translation>
    </message>
    <message>
        <source>%1. It is being tried.</source>
        <translation>%1. Il est à l&apos;essai.</translation>
    </message>
    <message>
        <source>Beside it %1 looks %2 of a step lighter than on a middle grey, though it measures the same.</source>
        <translation>À côté de lui, %1 paraît plus clair de %2 de degré que sur un gris moyen, à mesure égale.</translation>
    </message>
    <message>
        <source>Beside it %1 looks %2 of a step darker than on a middle grey, though it measures the same.</source>
        <translation>À côté de lui, %1 paraît plus sombre de %2 de degré que sur un gris moyen, à mesure égale.</translation>
    </message>
    <message>
        <source>Leaves the paper to the plan, which takes the one that ranks first for your goal.</source>
        <translation>Laisse le papier au plan, qui prend le premier pour votre but.</translation>
    </message>
    <message>
        <source>Plans on the paper that is looked at, whatever its rank.</source>
        <translation>Planifie sur le papier regardé, quel que soit son rang.</translation>
    </message>
    <message>
        <source>A card to lay on real offcuts of the best three papers; its photograph tells how much they hold and take.</source>
        <translation>Une carte à poser sur de vraies chutes des trois meilleurs papiers&#xa0;; sa photo dit combien ils tiennent et prennent.</translation>
    </message>
</context>
<context>
    <name>app::PicturePair</name>
    <message>
        <source>Subject and sheet</source>
        <translation>Sujet et feuille</translation>
    </message>
    <message>
        <source>The reference on the left, the predicted sheet on the right. Arrow keys move a cross, Return points with it.</source>
        <translation>La référence à gauche, la feuille prévue à droite. Les flèches déplacent une croix, Entrée pointe avec elle.</translation>
    </message>
</context>
<context>
    <name>app::PracticeWindow</name>
    <message>
        <source>Practice · Yawning Dune</source>
        <translation>Exercices · Yawning Dune</translation>
    </message>
    <message>
        <source>Exercises, what wants training most first</source>
        <translation>Exercices, le plus utile d&apos;abord</translation>
    </message>
    <message>
        <source>Break off</source>
        <translation>Interrompre</translation>
    </message>
    <message>
        <source>Nothing is lost: the sitting can be gone on with today</source>
        <translation>Rien n&apos;est perdu&#xa0;: la séance peut reprendre aujourd&apos;hui</translation>
    </message>
    <message>
        <source>&amp;Practice</source>
        <translation>&amp;Exercices</translation>
    </message>
    <message>
        <source>Export results…</source>
        <translation>Exporter les résultats…</translation>
    </message>
    <message>
        <source>Export results</source>
        <translation>Exporter les résultats</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tableaux (*.csv)</translation>
    </message>
    <message>
        <source>The week as PDF…</source>
        <translation>La semaine en PDF…</translation>
    </message>
    <message>
        <source>The week as PDF</source>
        <translation>La semaine en PDF</translation>
    </message>
    <message>
        <source>Sheets (*.pdf)</source>
        <translation>Feuilles (*.pdf)</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Écrit dans %1.</translation>
    </message>
    <message numerus="yes">
        <source>broken off after %n answers</source>
        <translation>
            <numerusform>interrompu après %n réponse</numerusform>
            <numerusform>interrompu après %n réponses</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, again on %2</source>
        <translation>%1, de nouveau le %2</translation>
    </message>
    <message>
        <source>%1, to be repeated</source>
        <translation>%1, à répéter</translation>
    </message>
    <message>
        <source>The drawing&apos;s photograph</source>
        <translation>La photo du dessin</translation>
    </message>
    <message>
        <source>Look as long as you like, then go on with Return: the picture is gone then.</source>
        <translation>Regardez aussi longtemps que vous voulez, puis continuez avec Entrée&#xa0;: l&apos;image disparaît alors.</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>La photo est en cours de lecture.</translation>
    </message>
    <message>
        <source>Draw it from memory, on a sheet of its format.</source>
        <translation>Dessinez de mémoire, sur une feuille de son format.</translation>
    </message>
    <message>
        <source>The sheet&apos;s edges are the picture&apos;s. Draw the outlines closed and dark.</source>
        <translation>Les bords de la feuille sont ceux du tableau. Tracez des contours fermés et sombres.</translation>
    </message>
    <message>
        <source>Photograph it whole and upright on a darker table, then choose the photograph with Return.</source>
        <translation>Photographiez-le entier et droit sur une table plus sombre, puis choisissez la photo avec Entrée.</translation>
    </message>
    <message>
        <source>The double lines are where the subject has its shapes.</source>
        <translation>Les doubles lignes sont là où le sujet a ses formes.</translation>
    </message>
    <message>
        <source>Shapes that were found: %1.</source>
        <translation>Formes trouvées&#xa0;: %1.</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Choose the photograph…</source>
        <translation>Choisir la photo…</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Commencer</translation>
    </message>
    <message>
        <source>It needs the colours of a subject and five sticks: open a study first.</source>
        <translation>Il faut les couleurs d&apos;un sujet et cinq bâtons&#xa0;: ouvrez d&apos;abord une étude.</translation>
    </message>
    <message>
        <source>Answered so far: %1.</source>
        <translation>Réponses jusqu&apos;ici&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Look until you see it, then go on with Return.</source>
        <translation>Regardez jusqu&apos;à le voir, puis continuez avec Entrée.</translation>
    </message>
    <message>
        <source>Press the number of your answer; Escape breaks off.</source>
        <translation>Tapez le numéro de votre réponse&#xa0;; Échap interrompt.</translation>
    </message>
    <message numerus="yes">
        <source>You were off by %1, over %n shapes.</source>
        <translation>
            <numerusform>Vous étiez à côté de %1, sur %n forme.</numerusform>
            <numerusform>Vous étiez à côté de %1, sur %n formes.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>You tell %1 apart, after %n answers.</source>
        <translation>
            <numerusform>Vous distinguez %1, après %n réponse.</numerusform>
            <numerusform>Vous distinguez %1, après %n réponses.</numerusform>
        </translation>
    </message>
    <message>
        <source>Check has noticed that your sheets come out otherwise in this.</source>
        <translation>Contrôle a remarqué que vos feuilles s&apos;écartent en cela.</translation>
    </message>
    <message>
        <source>Measured is how far outlines lie beside their places, once what the whole drawing is off by has been taken off. The bounds hold the mean in nine of ten.</source>
        <translation>On mesure de combien les contours sont à côté de leur place, une fois ôté l&apos;écart de tout le dessin. Les bornes contiennent la moyenne neuf fois sur dix.</translation>
    </message>
    <message>
        <source>Each question stands where its answer tells most. What you tell apart is where you are right in about two of three cases beyond guessing; the bounds hold it in nine of ten.</source>
        <translation>Chaque question est posée là où sa réponse en dit le plus. Ce que vous distinguez est là où vous avez raison environ deux fois sur trois au-delà du hasard&#xa0;; les bornes le contiennent neuf fois sur dix.</translation>
    </message>
    <message>
        <source>Begins the exercise that is chosen, or goes on with it.</source>
        <translation>Commence l&apos;exercice choisi, ou le continue.</translation>
    </message>
</context>
<context>
    <name>app::ProgressStrip</name>
    <message>
        <source>Progress: photographs and predicted sheets</source>
        <translation>Progrès&#xa0;: photos et feuilles prévues</translation>
    </message>
    <message>
        <source>No photograph yet: P at the Bench keeps one, and here it stands over the sheet as it was planned for that moment.</source>
        <translation>Pas encore de photo&#xa0;: P au Chevalet en garde une, et elle est montrée ici sur la feuille prévue à ce moment.</translation>
    </message>
    <message>
        <source>As photographed</source>
        <translation>Comme photographié</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Comme prévu</translation>
    </message>
</context>
<context>
    <name>app::QuestionView</name>
    <message>
        <source>The question</source>
        <translation>La question</translation>
    </message>
    <message>
        <source>first</source>
        <translation>d&apos;abord</translation>
    </message>
    <message>
        <source>over it</source>
        <translation>par-dessus</translation>
    </message>
</context>
<context>
    <name>app::ReaderSheet</name>
    <message>
        <source>known so far</source>
        <translation>connu jusqu&apos;ici</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>comme lu</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>pas encore lu</translation>
    </message>
    <message>
        <source>Colour reader</source>
        <translation>Lecteur de couleur</translation>
    </message>
    <message>
        <source>Take this reading</source>
        <translation>Reprendre cette lecture</translation>
    </message>
    <message>
        <source>Read the swatch</source>
        <translation>Lire l&apos;échantillon</translation>
    </message>
    <message>
        <source>Read the white tile</source>
        <translation>Lire la plaque blanche</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Passer</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>No reader is connected, so the stand-in that ships with the program takes its place. It invents: take its readings only to try this out.</source>
        <translation>Aucun lecteur n&apos;est branché&#xa0;; celui, simulé, qui vient avec le programme le remplace. Il invente&#xa0;: ne reprenez ses lectures que pour essayer.</translation>
    </message>
    <message>
        <source>its white tile</source>
        <translation>sa plaque blanche</translation>
    </message>
    <message>
        <source>a swatch of the thing</source>
        <translation>un échantillon de la chose</translation>
    </message>
    <message>
        <source>half a swatch, held askew</source>
        <translation>la moitié d&apos;un échantillon, tenu de travers</translation>
    </message>
    <message>
        <source>Under it lies</source>
        <translation>Dessous il y a</translation>
    </message>
    <message>
        <source>It loses its connection</source>
        <translation>Il perd sa connexion</translation>
    </message>
    <message>
        <source>Colour reader: %1</source>
        <translation>Lecteur de couleur&#xa0;: %1</translation>
    </message>
    <message>
        <source>All things are read, %1 of them taken.</source>
        <translation>Tout est lu, dont %1 repris.</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 sur %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>Reading. Hold it still.</source>
        <translation>Lecture. Tenez-le immobile.</translation>
    </message>
    <message>
        <source>Put the reader flat on its white tile and read that first.</source>
        <translation>Posez le lecteur à plat sur sa plaque blanche et lisez-la d&apos;abord.</translation>
    </message>
    <message>
        <source>Put the reader on a heavy, even swatch of %1 and read it.</source>
        <translation>Posez le lecteur sur un échantillon dense et uni de %1 et lisez-le.</translation>
    </message>
    <message numerus="yes">
        <source>Mean of %n readings, %1 passed over, good to %2. Against what was known: %3.</source>
        <translation>
            <numerusform>Moyenne de %n lecture, %1 écartées, sûre à %2. Par rapport à ce qu&apos;on savait&#xa0;: %3.</numerusform>
            <numerusform>Moyenne de %n lectures, %1 écartées, sûre à %2. Par rapport à ce qu&apos;on savait&#xa0;: %3.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::Route</name>
    <message>
        <source>Route</source>
        <translation>Chemin</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 (wants attention)</source>
        <translation>%1 (demande attention)</translation>
    </message>
</context>
<context>
    <name>app::SampleView</name>
    <message>
        <source>The swatch beside what is wanted</source>
        <translation>L&apos;échantillon à côté de ce qui est voulu</translation>
    </message>
    <message>
        <source>swatch</source>
        <translation>échantillon</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>voulu</translation>
    </message>
</context>
<context>
    <name>app::Scrubber</name>
    <message>
        <source>Steps laid</source>
        <translation>Étapes posées</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Étape %1 sur %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
</context>
<context>
    <name>app::SectionView</name>
    <message>
        <source>Section</source>
        <translation>Coupe</translation>
    </message>
    <message>
        <source>%1, step %2: %3. The tooth is %4 % full then.</source>
        <translation>%1, étape %2&#xa0;: %3. Le grain est alors rempli à %4 %.</translation>
    </message>
    <message>
        <source>where the line begins</source>
        <translation>où la ligne commence</translation>
    </message>
    <message>
        <source>darkest area</source>
        <translation>zone la plus sombre</translation>
    </message>
    <message>
        <source>where it ends</source>
        <translation>où elle finit</translation>
    </message>
    <message>
        <source>lightest area</source>
        <translation>zone la plus claire</translation>
    </message>
    <message>
        <source>Left and right choose an area</source>
        <translation>Gauche et droite choisissent une zone</translation>
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
        <translation>La feuille est commencée&#xa0;; image, zones, papier et fond restent donc tels quels&#xa0;: commencez une autre feuille de cette étude pour les choisir de nouveau.</translation>
    </message>
</context>
<context>
    <name>app::StackSheet</name>
    <message>
        <source>The layers of %1</source>
        <translation>Les couches de %1</translation>
    </message>
    <message>
        <source>From the paper up. What you set stays as it is; the rest of the plan is made around it.</source>
        <translation>À partir du papier. Ce que vous réglez reste tel quel&#xa0;; le reste du plan se fait autour.</translation>
    </message>
    <message>
        <source>Take these layers</source>
        <translation>Prendre ces couches</translation>
    </message>
    <message>
        <source>Leave it to the plan</source>
        <translation>Le laisser au plan</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Layer %1</source>
        <translation>Couche %1</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>blend what lies there</source>
        <translation>estomper ce qui est là</translation>
    </message>
    <message>
        <source>lift what lies loose</source>
        <translation>ôter ce qui est libre</translation>
    </message>
    <message>
        <source>fixative</source>
        <translation>fixatif</translation>
    </message>
    <message>
        <source>How layer %1 is laid</source>
        <translation>Comment la couche %1 est posée</translation>
    </message>
    <message>
        <source>lighter over all</source>
        <translation>plus léger partout</translation>
    </message>
    <message>
        <source>as it is wanted</source>
        <translation>comme il faut</translation>
    </message>
    <message>
        <source>heavier over all</source>
        <translation>plus fort partout</translation>
    </message>
    <message>
        <source>How heavily layer %1 is laid</source>
        <translation>Avec quelle force la couche %1 est posée</translation>
    </message>
    <message>
        <source>Not here</source>
        <translation>Pas ici</translation>
    </message>
    <message>
        <source>The plan is not to lay this stick in this area, and finds others.</source>
        <translation>Le plan ne doit pas poser ce bâton dans cette zone, et en trouve d&apos;autres.</translation>
    </message>
    <message>
        <source>The stick of layer %1 is not to be laid here</source>
        <translation>Le bâton de la couche %1 n&apos;est pas à poser ici</translation>
    </message>
    <message>
        <source>Or another way:</source>
        <translation>Ou autrement&#xa0;:</translation>
    </message>
    <message>
        <source>Fewest layers</source>
        <translation>Le moins de couches</translation>
    </message>
    <message>
        <source>Liveliest</source>
        <translation>Le plus vivant</translation>
    </message>
    <message>
        <source>Safest</source>
        <translation>Le plus sûr</translation>
    </message>
    <message>
        <source>As few layers as serve it</source>
        <translation>Aussi peu de couches qu&apos;il en faut</translation>
    </message>
    <message>
        <source>Lines of colours that stay apart and glint</source>
        <translation>Des lignes de couleurs qui restent séparées et miroitent</translation>
    </message>
    <message>
        <source>What an unsteady hand spoils least, with tooth to spare</source>
        <translation>Ce qu&apos;une main peu sûre gâte le moins, avec du grain en réserve</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 where its colours are laid, %2 by an unsteady hand, %3, the tooth %4 % full</source>
        <translation>%1 où ses couleurs sont posées, %2 d&apos;une main peu sûre, %3, le grain rempli à %4 %</translation>
    </message>
    <message>
        <source>Choose a stick for the first layer; a tool needs something to work on.</source>
        <translation>Choisissez un bâton pour la première couche&#xa0;; un outil a besoin de matière.</translation>
    </message>
    <message>
        <source>As planned: %1. So: %2.</source>
        <translation>Comme prévu&#xa0;: %1. Ainsi&#xa0;: %2.</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>pareil</translation>
    </message>
</context>
<context>
    <name>app::Station</name>
    <message>
        <source>Subject</source>
        <translation>Sujet</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Feuille</translation>
    </message>
    <message>
        <source>Sheet, all layers laid</source>
        <translation>Feuille, toutes couches posées</translation>
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
        <translation>Le plateau</translation>
    </message>
    <message>
        <source>light above dark</source>
        <translation>clair au-dessus du sombre</translation>
    </message>
    <message>
        <source>Tray</source>
        <translation>Plateau</translation>
    </message>
    <message>
        <source>The sticks of this picture</source>
        <translation>Les bâtons de ce tableau</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Combien</translation>
    </message>
    <message>
        <source>How near fewer or more sticks come</source>
        <translation>À quelle distance arrivent moins ou plus de bâtons</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Lesquels</translation>
    </message>
    <message>
        <source>Limited palettes: how many sticks of each family of colours</source>
        <translation>Palettes limitées&#xa0;: combien de bâtons de chaque famille de couleurs</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>À acheter</translation>
    </message>
    <message>
        <source>What is not at hand and would bring it nearer</source>
        <translation>Ce que vous n&apos;avez pas et qui le rapprocherait</translation>
    </message>
    <message>
        <source>Number of sticks</source>
        <translation>Nombre de bâtons</translation>
    </message>
    <message>
        <source>Layers an area</source>
        <translation>Couches par zone</translation>
    </message>
    <message>
        <source>Draw from</source>
        <translation>Puiser dans</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Au plus</translation>
    </message>
    <message>
        <source> sticks</source>
        <translation> bâtons</translation>
    </message>
    <message>
        <source>Keep it in</source>
        <translation>Le garder</translation>
    </message>
    <message>
        <source>It is used in this picture, whatever the plan would choose.</source>
        <translation>Il sert dans ce tableau, quoi que choisisse le plan.</translation>
    </message>
    <message>
        <source>Is it missing or used up? What you choose is laid in its very layers.</source>
        <translation>Manque-t-il, est-il épuisé&#xa0;? Ce que vous choisissez est posé dans ses couches mêmes.</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>L&apos;écarter</translation>
    </message>
    <message>
        <source>It is not used in this picture.</source>
        <translation>Il ne sert pas dans ce tableau.</translation>
    </message>
    <message>
        <source>Take back what is left out</source>
        <translation>Reprendre ce qui est écarté</translation>
    </message>
    <message>
        <source>What was left out may be used again.</source>
        <translation>Ce qui a été écarté peut resservir.</translation>
    </message>
    <message>
        <source>In its place</source>
        <translation>À sa place</translation>
    </message>
    <message>
        <source>Sticks taken back</source>
        <translation>Bâtons repris</translation>
    </message>
    <message>
        <source>Stick kept in</source>
        <translation>Bâton gardé</translation>
    </message>
    <message>
        <source>Stick left out</source>
        <translation>Bâton écarté</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>tout le tiroir</translation>
    </message>
    <message>
        <source>Take back what is left out (%1)</source>
        <translation>Reprendre ce qui est écarté (%1)</translation>
    </message>
    <message>
        <source>Stick at hand again</source>
        <translation>Bâton de nouveau disponible</translation>
    </message>
    <message>
        <source>Substitute for a stick</source>
        <translation>Remplaçant d&apos;un bâton</translation>
    </message>
    <message>
        <source>itself</source>
        <translation>lui-même</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>à l&apos;essai</translation>
    </message>
    <message>
        <source>It is laid in the place of %1: %2. With that one the picture would be: %3.</source>
        <translation>Il est posé à la place de %1&#xa0;: %2. Avec celui-là, le tableau serait&#xa0;: %3.</translation>
    </message>
    <message>
        <source>With the nearest in its place the picture would be: %1.</source>
        <translation>Avec le plus proche à sa place, le tableau serait&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Left out and planned anew: %1.</source>
        <translation>Écarté et replanifié&#xa0;: %1.</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>pas encore choisi</translation>
    </message>
    <message>
        <source>%1 of %2 at hand</source>
        <translation>%1 sur %2 disponibles</translation>
    </message>
    <message>
        <source>These sticks are to be pulled for this picture. Say from which tray to draw and how many to use at most; a stick that is missing has its nearest substitute here.</source>
        <translation>Ces bâtons sont à sortir pour ce tableau. Dites de quel plateau puiser et combien au plus&#xa0;; un bâton qui manque a ici son plus proche remplaçant.</translation>
    </message>
    <message>
        <source>Sticks</source>
        <translation>Bâtons</translation>
    </message>
    <message>
        <source>Sticks are chosen as soon as the subject is read.</source>
        <translation>Les bâtons sont choisis dès que le sujet est lu.</translation>
    </message>
    <message numerus="yes">
        <source>%n sticks serve the whole picture. With them the sheet is %1.</source>
        <translation>
            <numerusform>%n bâton suffit à tout le tableau. Avec lui, la feuille est %1.</numerusform>
            <numerusform>%n bâtons suffisent à tout le tableau. Avec eux, la feuille est %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The study draws from %1 sticks and paints and %2 papers, as they were when it was begun. Choose again what to draw from, and it takes them as they are now.</source>
        <translation>L&apos;étude puise dans %1 bâtons et couleurs et %2 papiers, tels qu&apos;ils étaient à son début. Choisissez de nouveau où puiser, et elle les prend tels qu&apos;ils sont.</translation>
    </message>
    <message>
        <source>Click one to see where it goes.</source>
        <translation>Cliquez-en un pour voir où il va.</translation>
    </message>
    <message>
        <source>They were chosen by giving up, one after the other, the stick that the picture misses least.</source>
        <translation>Ils ont été choisis en abandonnant, l&apos;un après l&apos;autre, le bâton qui manque le moins au tableau.</translation>
    </message>
    <message>
        <source>The nearest single stick in each place, of all at hand, would leave %1: layers with more and less pressure do the rest.</source>
        <translation>Le bâton seul le plus proche à chaque endroit, parmi tous, laisserait %1&#xa0;: des couches plus ou moins appuyées font le reste.</translation>
    </message>
    <message>
        <source>%1, %2, number %3. Pigment %4, lightfastness %5.</source>
        <translation>%1, %2, numéro %3. Pigment %4, solidité à la lumière %5.</translation>
    </message>
    <message>
        <source>It looks %1, at value %2.</source>
        <translation>Son aspect&#xa0;: %1, valeur %2.</translation>
    </message>
    <message>
        <source>You keep it in, whatever the plan would choose.</source>
        <translation>Vous le gardez, quoi que choisisse le plan.</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Où il va</translation>
    </message>
    <message>
        <source>layer %1 of %2, step %3: %4, %5</source>
        <translation>couche %1 sur %2, étape %3&#xa0;: %4, %5</translation>
    </message>
    <message>
        <source>It is laid as a ground under %1.</source>
        <translation>Il est posé comme fond sous %1.</translation>
    </message>
    <message numerus="yes">
        <source>It comes back in %n areas and ties them together: %1.</source>
        <translation>
            <numerusform>Il est posé dans %n zone&#xa0;: %1.</numerusform>
            <numerusform>Il revient dans %n zones et les relie&#xa0;: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>It holds a toxic pigment (%1): make no dust, wear gloves, follow the label and the safety data sheet.</source>
        <translation>Il contient un pigment toxique (%1)&#xa0;: pas de poussière, portez des gants, suivez l&apos;étiquette et la fiche de données de sécurité.</translation>
    </message>
    <message>
        <source>Which of your materials the study draws from.</source>
        <translation>Dans quel matériel l&apos;étude puise.</translation>
    </message>
    <message>
        <source>How many sticks the plan may use at most.</source>
        <translation>Combien de bâtons le plan peut prendre au plus.</translation>
    </message>
    <message>
        <source>How many layers may lie in an area at most.</source>
        <translation>Combien de couches une zone peut avoir au plus.</translation>
    </message>
</context>
<context>
    <name>app::StockLeaf</name>
    <message>
        <source>What the sticks have lost</source>
        <translation>Ce que les bâtons ont perdu</translation>
    </message>
    <message>
        <source>Take it into the drawer</source>
        <translation>Le reporter au tiroir</translation>
    </message>
    <message>
        <source>What is left of your sticks is said in the drawer; there it can be undone.</source>
        <translation>Ce qui reste de vos bâtons est dit dans le tiroir&#xa0;; on peut l&apos;y annuler.</translation>
    </message>
    <message>
        <source>%1: %2 laid in %3, probably %4 % of a whole one</source>
        <translation>%1&#xa0;: %2 posés en %3, sans doute %4 % d&apos;un entier</translation>
    </message>
    <message>
        <source>; not in your drawer</source>
        <translation>&#xa0;; pas dans votre tiroir</translation>
    </message>
    <message>
        <source>; a stub</source>
        <translation>&#xa0;; un bout</translation>
    </message>
    <message>
        <source>; a stub soon</source>
        <translation>&#xa0;; bientôt un bout</translation>
    </message>
    <message>
        <source>; some %1 % left</source>
        <translation>&#xa0;; reste environ %1 %</translation>
    </message>
    <message>
        <source>No stick has served yet.</source>
        <translation>Aucun bâton n&apos;a encore servi.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Ce qui a servi</translation>
    </message>
    <message>
        <source>Reckoned from the places that were laid and how hard: a guess, which your eye corrects in the drawer. A soft stick lays some 4000 square centimetres, of a pencil half goes in sharpening.</source>
        <translation>Calculé d&apos;après les endroits posés et la force&#xa0;: une estimation, que votre œil corrige dans le tiroir. Un bâton tendre pose quelque 4000 centimètres carrés, d&apos;un crayon la moitié part à la taille.</translation>
    </message>
    <message>
        <source>A thick layer takes twice a full one, a light one less than half.</source>
        <translation>Une couche épaisse prend le double d&apos;une pleine, une légère moins de la moitié.</translation>
    </message>
</context>
<context>
    <name>app::StrokesEditor</name>
    <message>
        <source>A finger</source>
        <translation>Un doigt</translation>
    </message>
    <message>
        <source>Fixative</source>
        <translation>Fixatif</translation>
    </message>
    <message>
        <source>A putty eraser</source>
        <translation>Une gomme mie de pain</translation>
    </message>
    <message>
        <source>Strokes of the swatch, the last on top</source>
        <translation>Traits de l&apos;échantillon, le dernier en haut</translation>
    </message>
    <message>
        <source>Stick of the stroke</source>
        <translation>Bâton du trait</translation>
    </message>
    <message>
        <source>Manner of the stroke</source>
        <translation>Manière du trait</translation>
    </message>
    <message>
        <source>Pressure of the stroke</source>
        <translation>Pression du trait</translation>
    </message>
    <message>
        <source>Lay one more</source>
        <translation>En poser un de plus</translation>
    </message>
    <message>
        <source>Leave this out</source>
        <translation>Ôter celui-ci</translation>
    </message>
    <message>
        <source>What the chosen stroke is laid with.</source>
        <translation>Avec quoi le trait choisi est posé.</translation>
    </message>
    <message>
        <source>How it is laid.</source>
        <translation>Comment il est posé.</translation>
    </message>
    <message>
        <source>How hard, by half steps.</source>
        <translation>Avec quelle force, par demi-crans.</translation>
    </message>
    <message>
        <source>One more stroke on top.</source>
        <translation>Un trait de plus par-dessus.</translation>
    </message>
    <message>
        <source>Takes the chosen stroke off.</source>
        <translation>Ôte le trait choisi.</translation>
    </message>
</context>
<context>
    <name>app::StudyLifecycle</name>
    <message>
        <source>Reading the study</source>
        <translation>Lecture de l'étude</translation>
    </message>
    <message>
        <source>Open the leading picture first; %1 more can be pinned up beside it.</source>
        <translation>Ouvrez d'abord l'image principale ; %1 autres peuvent être épinglées à côté.</translation>
    </message>
    <message>
        <source>Pin up a reference</source>
        <translation>Épingler une référence</translation>
    </message>
    <message>
        <source>Reading what was not saved</source>
        <translation>Lecture de ce qui n'était pas enregistré</translation>
    </message>
    <message>
        <source>%1 Your choices are here, but what was done at the easel is in that file. Make it readable and save, or save under another name.</source>
        <translation>%1 Vos choix sont ici, mais ce qui a été fait au chevalet est dans ce fichier. Rendez-le lisible et enregistrez, ou enregistrez sous un autre nom.</translation>
    </message>
    <message>
        <source>Reading the picture</source>
        <translation>Lecture de l'image</translation>
    </message>
    <message>
        <source>There is nothing to save yet: open a picture first.</source>
        <translation>Il n'y a encore rien à enregistrer : ouvrez d'abord une image.</translation>
    </message>
    <message>
        <source>%1 Nothing is written over it: save under another name.</source>
        <translation>%1 Il n’est pas écrasé : enregistrez sous un autre nom.</translation>
    </message>
    <message>
        <source>Writing the study</source>
        <translation>Écriture de l’étude</translation>
    </message>
</context>
<context>
    <name>app::SubjectStation</name>
    <message>
        <source>The measuring strip</source>
        <translation>La bande de mesure</translation>
    </message>
    <message>
        <source>what the eye does with a pencil at arm&apos;s length</source>
        <translation>ce que fait l&apos;œil avec un crayon à bout de bras</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Cadre</translation>
    </message>
    <message>
        <source>References, format, crop, level, grey</source>
        <translation>Références, format, recadrage, niveau, gris</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Mesurer</translation>
    </message>
    <message>
        <source>Lengths, slopes, extents, alignments, construction</source>
        <translation>Longueurs, pentes, étendues, alignements, construction</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Zones</translation>
    </message>
    <message>
        <source>What belongs together, what it is, how it is lit</source>
        <translation>Ce qui va ensemble, ce que c&apos;est, comment c&apos;est éclairé</translation>
    </message>
    <message>
        <source>no picture yet</source>
        <translation>pas encore d&apos;image</translation>
    </message>
    <message>
        <source>%1, for %2</source>
        <translation>%1, pour %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n areas</source>
        <translation>
            <numerusform>%1, %n zone</numerusform>
            <numerusform>%1, %n zones</numerusform>
        </translation>
    </message>
    <message>
        <source>Sheet, bare</source>
        <translation>Feuille nue</translation>
    </message>
    <message>
        <source>Another reference: %1</source>
        <translation>Autre référence&#xa0;: %1</translation>
    </message>
    <message>
        <source>Here the picture is cut to your sheet and measured. Under Areas, click on what is parted wrongly and put it right: all that follows is planned by areas.</source>
        <translation>Ici l&apos;image est coupée à votre feuille et mesurée. À Zones, cliquez sur ce qui est mal divisé et rectifiez&#xa0;: tout ce qui suit se planifie par zones.</translation>
    </message>
    <message>
        <source>Begin with a picture</source>
        <translation>Commencer par une image</translation>
    </message>
    <message>
        <source>Open a photograph of the subject, or drop one into this window. It stays on the left, always in view; the sheet stands beside it.</source>
        <translation>Ouvrez une photo du sujet, ou déposez-la dans cette fenêtre. Elle reste à gauche, toujours en vue&#xa0;; la feuille est à côté.</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Sujet</translation>
    </message>
</context>
<context>
    <name>app::SwatchGrid</name>
    <message>
        <source>Swatches of the trial sheet</source>
        <translation>Échantillons de la feuille d&apos;essai</translation>
    </message>
    <message>
        <source>Tick the sticks that are to be tried.</source>
        <translation>Cochez les bâtons à essayer.</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>papier nu</translation>
    </message>
    <message>
        <source>%1, on the card</source>
        <translation>%1, sur la carte</translation>
    </message>
</context>
<context>
    <name>app::TargetView</name>
    <message>
        <source>Subject: the colour that is wanted</source>
        <translation>Sujet&#xa0;: la couleur voulue</translation>
    </message>
    <message>
        <source>Click where the colour is that swatches are held against; the arrows move the place.</source>
        <translation>Cliquez où est la couleur à laquelle on compare les échantillons&#xa0;; les flèches déplacent l&apos;endroit.</translation>
    </message>
    <message>
        <source>Open a study to hold swatches against its subject.</source>
        <translation>Ouvrez une étude pour comparer des échantillons à son sujet.</translation>
    </message>
</context>
<context>
    <name>app::TestSheet</name>
    <message>
        <source>Fields of the card</source>
        <translation>Champs de la carte</translation>
    </message>
    <message>
        <source>expected</source>
        <translation>attendu</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>comme lu</translation>
    </message>
    <message>
        <source>Test card: %1</source>
        <translation>Carte-test&#xa0;: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>La photo est en cours de lecture.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Lecture de la carte</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Reprendre ces lectures</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Les laisser</translation>
    </message>
    <message>
        <source>Above each paper&apos;s fields stands what was expected of it, below what the photograph shows.</source>
        <translation>Au-dessus des champs de chaque papier est ce qu&apos;on en attendait, au-dessous ce que montre la photo.</translation>
    </message>
    <message>
        <source>No field of this card differs from the bare paper: lay the strokes, then photograph it.</source>
        <translation>Aucun champ de cette carte ne diffère du papier nu&#xa0;: posez les traits, puis photographiez-la.</translation>
    </message>
    <message>
        <source>Its fields are empty.</source>
        <translation>Ses champs sont vides.</translation>
    </message>
    <message>
        <source>Read a test card</source>
        <translation>Lire une carte-test</translation>
    </message>
    <message>
        <source>Taken from the card: %1. All is planned anew.</source>
        <translation>Repris de la carte&#xa0;: %1. Tout est replanifié.</translation>
    </message>
</context>
<context>
    <name>app::ThingEditor</name>
    <message>
        <source>Something new in the drawer</source>
        <translation>Du nouveau dans le tiroir</translation>
    </message>
    <message>
        <source>Fields that you leave alone stay as they are, each thing its own.</source>
        <translation>Les champs que vous laissez gardent, pour chaque chose, leur contenu.</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Maker</source>
        <translation>Fabricant</translation>
    </message>
    <message>
        <source>Number on the label</source>
        <translation>Numéro sur l&apos;étiquette</translation>
    </message>
    <message>
        <source>Pigments</source>
        <translation>Pigments</translation>
    </message>
    <message>
        <source>Calls for care</source>
        <translation>Demande précaution</translation>
    </message>
    <message>
        <source>Lightfastness</source>
        <translation>Solidité à la lumière</translation>
    </message>
    <message>
        <source>Hides</source>
        <translation>Couvre</translation>
    </message>
    <message>
        <source> times the usual</source>
        <translation> fois l&apos;usuel</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Dureté</translation>
    </message>
    <message>
        <source> (0 buttery, 1 a hard point)</source>
        <translation> (0 onctueux, 1 pointe dure)</translation>
    </message>
    <message>
        <source>Put it into the drawer</source>
        <translation>Le mettre dans le tiroir</translation>
    </message>
    <message>
        <source>Take these changes</source>
        <translation>Prendre ces changements</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>La laisser</translation>
    </message>
    <message>
        <source>several</source>
        <translation>plusieurs</translation>
    </message>
    <message>
        <source>Surface</source>
        <translation>Surface</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Supporte</translation>
    </message>
    <message>
        <source>Tooth holds</source>
        <translation>Le grain tient</translation>
    </message>
    <message>
        <source>Takes off a stick</source>
        <translation>Prend au bâton</translation>
    </message>
    <message>
        <source>Sheet, width</source>
        <translation>Feuille, largeur</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Sheet, height</source>
        <translation>Feuille, hauteur</translation>
    </message>
    <message>
        <source>Sheets at hand</source>
        <translation>Feuilles disponibles</translation>
    </message>
    <message>
        <source>Fibres run</source>
        <translation>Sens des fibres</translation>
    </message>
    <message>
        <source>no other</source>
        <translation>aucun autre</translation>
    </message>
    <message>
        <source>Other side of</source>
        <translation>Envers de</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papier</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Genre</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Pick from a photograph…</source>
        <translation>Prélever sur une photo…</translation>
    </message>
    <message>
        <source>Colour row</source>
        <translation>Rangée de couleurs</translation>
    </message>
    <message>
        <source>#rrggbb</source>
        <translation>#rrggbb</translation>
    </message>
    <message>
        <source>Give it a name by which you will find it again.</source>
        <translation>Donnez-lui un nom sous lequel vous le retrouverez.</translation>
    </message>
</context>
<context>
    <name>app::ThresholdCurve</name>
    <message>
        <source>Thresholds over time</source>
        <translation>Seuils dans le temps</translation>
    </message>
    <message>
        <source>No drawing yet.
Here the curve will stand.</source>
        <translation>Pas encore de dessin.
Ici sera la courbe.</translation>
    </message>
    <message>
        <source>No sitting yet: it takes some 20 to 60 answers, a few minutes.
Here the curve will stand.</source>
        <translation>Pas encore de séance&#xa0;: il faut de 20 à 60 réponses, quelques minutes.
Ici sera la courbe.</translation>
    </message>
</context>
<context>
    <name>app::TrayView</name>
    <message>
        <source>Tray</source>
        <translation>Plateau</translation>
    </message>
    <message>
        <source>value %1 to %2</source>
        <translation>valeur %1 à %2</translation>
    </message>
    <message>
        <source>%1, value %2</source>
        <translation>%1, valeur %2</translation>
    </message>
    <message>
        <source>%1, kept in</source>
        <translation>%1, gardé</translation>
    </message>
    <message>
        <source>%1, calls for care</source>
        <translation>%1, demande précaution</translation>
    </message>
</context>
<context>
    <name>app::TriadBoard</name>
    <message>
        <source>Dark, medium and light of every area</source>
        <translation>Sombre, moyen et clair de chaque zone</translation>
    </message>
</context>
<context>
    <name>app::TrialCardSheet</name>
    <message>
        <source>Fields of the card</source>
        <translation>Champs de la carte</translation>
    </message>
    <message>
        <source>expected</source>
        <translation>attendu</translation>
    </message>
    <message>
        <source>laid</source>
        <translation>posé</translation>
    </message>
    <message>
        <source>expected now</source>
        <translation>attendu maintenant</translation>
    </message>
    <message>
        <source>Trial card: %1</source>
        <translation>Carte d&apos;essai&#xa0;: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>La photo est en cours de lecture.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Lecture de la carte</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Reprendre ces lectures</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Les laisser</translation>
    </message>
    <message>
        <source>This card is not remembered, and nothing is on the trial sheet: lay the sheet out as it was printed, then read the card.</source>
        <translation>Cette carte n&apos;est plus connue, et rien n&apos;est sur la feuille d&apos;essai&#xa0;: disposez la feuille comme elle a été imprimée, puis lisez la carte.</translation>
    </message>
    <message>
        <source>No field of this card differs from the bare paper: lay the strokes, then photograph it.</source>
        <translation>Aucun champ de cette carte ne diffère du papier nu&#xa0;: posez les traits, puis photographiez-la.</translation>
    </message>
    <message>
        <source>Read a trial card</source>
        <translation>Lire une carte d&apos;essai</translation>
    </message>
    <message numerus="yes">
        <source>Taken from the card: %n sticks and papers are known better.</source>
        <translation>
            <numerusform>Repris de la carte&#xa0;: %n bâton ou papier est mieux connu.</numerusform>
            <numerusform>Repris de la carte&#xa0;: %n bâtons et papiers sont mieux connus.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::TrialWindow</name>
    <message>
        <source>&amp;Sheet</source>
        <translation>&amp;Feuille</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;Carte</translation>
    </message>
    <message>
        <source>Print a trial card to lay for real, A4…</source>
        <translation>Imprimer une carte d&apos;essai à poser en vrai, A4…</translation>
    </message>
    <message>
        <source>The same, Letter…</source>
        <translation>La même, Letter…</translation>
    </message>
    <message>
        <source>Print a trial card</source>
        <translation>Imprimer une carte d&apos;essai</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Cartes (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled trial card…</source>
        <translation>Lire une carte d&apos;essai remplie…</translation>
    </message>
    <message>
        <source>Read a filled trial card</source>
        <translation>Lire une carte d&apos;essai remplie</translation>
    </message>
    <message>
        <source>Take all swatches off the card</source>
        <translation>Ôter tous les échantillons de la carte</translation>
    </message>
    <message>
        <source>&amp;Mixture</source>
        <translation>&amp;Mélange</translation>
    </message>
    <message>
        <source>Keep this swatch under a name…</source>
        <translation>Garder cet échantillon sous un nom…</translation>
    </message>
    <message>
        <source>Nothing lies on the sheet that could be kept.</source>
        <translation>Rien n&apos;est sur la feuille qu&apos;on puisse garder.</translation>
    </message>
    <message>
        <source>Keep a mixture</source>
        <translation>Garder un mélange</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Son nom</translation>
    </message>
    <message>
        <source>Lay one of your own</source>
        <translation>Poser un des vôtres</translation>
    </message>
    <message>
        <source>Give one up</source>
        <translation>En abandonner un</translation>
    </message>
    <message>
        <source>Give up the mixture %1</source>
        <translation>Abandonner le mélange %1</translation>
    </message>
    <message>
        <source>A mixture needs a name.</source>
        <translation>Un mélange a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>This swatch is bare: lay something, then keep it.</source>
        <translation>Cet échantillon est nu&#xa0;: posez quelque chose, puis gardez-le.</translation>
    </message>
    <message>
        <source>There is a mixture called %1 already: take another name.</source>
        <translation>Il y a déjà un mélange nommé %1&#xa0;: prenez un autre nom.</translation>
    </message>
    <message>
        <source>Keep the mixture %1</source>
        <translation>Garder le mélange %1</translation>
    </message>
    <message>
        <source>It could not be kept: the drawer cannot be written.</source>
        <translation>Il n&apos;a pu être gardé&#xa0;: on ne peut écrire dans le tiroir.</translation>
    </message>
    <message>
        <source>Kept as %1. Plans lay it where it serves.</source>
        <translation>Gardé sous %1. Les plans le posent où il sert.</translation>
    </message>
    <message>
        <source>A stick of %1 is not at hand: the study draws from other ones.</source>
        <translation>Un bâton de %1 n&apos;est pas disponible&#xa0;: l&apos;étude puise dans d&apos;autres.</translation>
    </message>
    <message>
        <source>Nothing lies on the sheet: tick some sticks first.</source>
        <translation>Rien n&apos;est sur la feuille&#xa0;: cochez d&apos;abord des bâtons.</translation>
    </message>
    <message>
        <source>A card has room for %1 swatches, and %2 are on it: take some off with Space.</source>
        <translation>Une carte a de la place pour %1 échantillons, et %2 y sont&#xa0;: ôtez-en avec Espace.</translation>
    </message>
    <message>
        <source>The trial card is in %1. Lay it, photograph it, and read it here.</source>
        <translation>La carte d&apos;essai est dans %1. Posez-la, photographiez-la, et lisez-la ici.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Ladder of pressures</source>
        <translation>Échelle des pressions</translation>
    </message>
    <message>
        <source>Each over every other</source>
        <translation>Chacun sur chaque autre</translation>
    </message>
    <message>
        <source>One run into another</source>
        <translation>L&apos;un fondu dans l&apos;autre</translation>
    </message>
    <message>
        <source>The areas&apos; mixtures</source>
        <translation>Les mélanges des zones</translation>
    </message>
    <message>
        <source>Laid out as</source>
        <translation>Disposé en</translation>
    </message>
    <message>
        <source>%1: manner</source>
        <translation>%1&#xa0;: manière</translation>
    </message>
    <message>
        <source>%1: pressure</source>
        <translation>%1&#xa0;: pression</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Posé</translation>
    </message>
    <message>
        <source>Over it</source>
        <translation>Par-dessus</translation>
    </message>
    <message>
        <source>Find a stick</source>
        <translation>Trouver un bâton</translation>
    </message>
    <message>
        <source>Sticks that are tried</source>
        <translation>Bâtons à l&apos;essai</translation>
    </message>
    <message>
        <source>The plan&apos;s sticks</source>
        <translation>Les bâtons du plan</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Aucun</translation>
    </message>
    <message>
        <source>No sticks</source>
        <translation>Aucun bâton</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Voulu</translation>
    </message>
    <message>
        <source>What would come nearer</source>
        <translation>Ce qui rapprocherait</translation>
    </message>
    <message>
        <source>Lay this</source>
        <translation>Poser ceci</translation>
    </message>
    <message>
        <source>%1 with %2 over it</source>
        <translation>%1 avec %2 par-dessus</translation>
    </message>
    <message>
        <source>%1 anew: %2</source>
        <translation>%1 de nouveau&#xa0;: %2</translation>
    </message>
    <message>
        <source>; then </source>
        <translation>&#xa0;; puis </translation>
    </message>
    <message>
        <source>A swatch has room for %1 strokes.</source>
        <translation>Un échantillon a de la place pour %1 traits.</translation>
    </message>
    <message>
        <source>Trial sheet · Yawning Dune</source>
        <translation>Feuille d&apos;essai · Yawning Dune</translation>
    </message>
    <message>
        <source>No colour</source>
        <translation>Aucune couleur</translation>
    </message>
    <message>
        <source>Where it is picked</source>
        <translation>Où elle est prélevée</translation>
    </message>
    <message>
        <source>What is tried</source>
        <translation>Ce qu&apos;on essaie</translation>
    </message>
    <message>
        <source>best first:</source>
        <translation>les meilleurs d&apos;abord&#xa0;:</translation>
    </message>
    <message>
        <source>over them:</source>
        <translation>par-dessus&#xa0;:</translation>
    </message>
    <message>
        <source>each comes over:</source>
        <translation>chacun passe sur&#xa0;:</translation>
    </message>
    <message>
        <source>pressed:</source>
        <translation>appuyé&#xa0;:</translation>
    </message>
    <message>
        <source>A sheet has room for %1 sticks: take one off first.</source>
        <translation>Une feuille a de la place pour %1 bâtons&#xa0;: ôtez-en un d&apos;abord.</translation>
    </message>
    <message>
        <source>How the sheet is laid out</source>
        <translation>Comment la feuille est disposée</translation>
    </message>
    <message>
        <source>Strokes of a swatch</source>
        <translation>Traits d&apos;un échantillon</translation>
    </message>
    <message>
        <source>Open a study first: these are mixtures for the areas of its subject.</source>
        <translation>Ouvrez d&apos;abord une étude&#xa0;: ce sont des mélanges pour les zones de son sujet.</translation>
    </message>
    <message>
        <source>Mixtures are being looked for.</source>
        <translation>On cherche des mélanges.</translation>
    </message>
    <message>
        <source>The best mixtures of every area</source>
        <translation>Les meilleurs mélanges de chaque zone</translation>
    </message>
    <message>
        <source>Trial sheet</source>
        <translation>Feuille d&apos;essai</translation>
    </message>
    <message>
        <source>Tick sticks at the left, and see how they look over each other on this paper before any is laid for real.</source>
        <translation>Cochez des bâtons à gauche, et voyez-les l&apos;un sur l&apos;autre sur ce papier avant d&apos;en poser un vraiment.</translation>
    </message>
    <message>
        <source>Pick a colour of the subject, and the sheet says which strokes come nearest to it.</source>
        <translation>Prélevez une couleur du sujet, et la feuille dit quels traits en approchent le plus.</translation>
    </message>
    <message>
        <source>The mixture, from the paper up</source>
        <translation>Le mélange, à partir du papier</translation>
    </message>
    <message>
        <source>With the next stroke, from the paper up</source>
        <translation>Avec le trait suivant, à partir du papier</translation>
    </message>
    <message>
        <source>The swatch, from the paper up</source>
        <translation>L&apos;échantillon, à partir du papier</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Space puts this swatch onto the card that is laid for real.</source>
        <translation>Espace met cet échantillon sur la carte qu&apos;on pose en vrai.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches are on the card that is laid for real.</source>
        <translation>
            <numerusform>%n échantillon est sur la carte qu&apos;on pose en vrai.</numerusform>
            <numerusform>%n échantillons sont sur la carte qu&apos;on pose en vrai.</numerusform>
        </translation>
    </message>
    <message>
        <source>The paper that is tried on.</source>
        <translation>Le papier sur lequel on essaie.</translation>
    </message>
    <message>
        <source>What lies in the columns and rows.</source>
        <translation>Ce qui est dans les colonnes et les rangées.</translation>
    </message>
    <message>
        <source>How it is laid.</source>
        <translation>Comment il est posé.</translation>
    </message>
    <message>
        <source>How hard, by half steps.</source>
        <translation>Avec quelle force, par demi-crans.</translation>
    </message>
    <message>
        <source>Shows only sticks that have these words.</source>
        <translation>Ne montre que les bâtons qui ont ces mots.</translation>
    </message>
    <message>
        <source>Tries the sticks of the plan.</source>
        <translation>Essaie les bâtons du plan.</translation>
    </message>
    <message>
        <source>Takes all sticks off.</source>
        <translation>Ôte tous les bâtons.</translation>
    </message>
    <message>
        <source>The colour that swatches are held against: an area, or one picked in the subject.</source>
        <translation>La couleur à laquelle on compare&#xa0;: une zone, ou une couleur prélevée sur le sujet.</translation>
    </message>
    <message>
        <source>Lays the offer that is chosen onto the sheet.</source>
        <translation>Pose la proposition choisie sur la feuille.</translation>
    </message>
</context>
<context>
    <name>app::UnderpaintingStation</name>
    <message>
        <source>Wash board</source>
        <translation>Planche de lavis</translation>
    </message>
    <message>
        <source>%1 · laid</source>
        <translation>%1 · posé</translation>
    </message>
    <message>
        <source>The wash board</source>
        <translation>La planche de lavis</translation>
    </message>
    <message>
        <source>each way&apos;s ground, and what it ends in</source>
        <translation>le fond de chaque façon, et où elle mène</translation>
    </message>
    <message>
        <source>Ground alone</source>
        <translation>Fond seul</translation>
    </message>
    <message>
        <source>Beside what is laid</source>
        <translation>À côté de ce qui est posé</translation>
    </message>
    <message>
        <source>Left of the line what is laid, right of it what is looked at; a click moves the line.</source>
        <translation>À gauche de la ligne ce qui est posé, à droite ce qu&apos;on regarde&#xa0;; un clic déplace la ligne.</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>But</translation>
    </message>
    <message>
        <source>Drying</source>
        <translation>Séchage</translation>
    </message>
    <message>
        <source>as the whole picture</source>
        <translation>comme tout le tableau</translation>
    </message>
    <message>
        <source>Under this area</source>
        <translation>Sous cette zone</translation>
    </message>
    <message>
        <source>Mix by hand…</source>
        <translation>Mélanger à la main…</translation>
    </message>
    <message>
        <source>Click an area first.</source>
        <translation>Cliquez d&apos;abord sur une zone.</translation>
    </message>
    <message>
        <source>Take the best</source>
        <translation>Prendre le meilleur</translation>
    </message>
    <message>
        <source>Lay this ground</source>
        <translation>Poser ce fond</translation>
    </message>
    <message>
        <source>Underpainting</source>
        <translation>Sous-couche</translation>
    </message>
    <message>
        <source>Underpainting of an area</source>
        <translation>Sous-couche d&apos;une zone</translation>
    </message>
    <message>
        <source>Ground mixed by hand</source>
        <translation>Fond mélangé à la main</translation>
    </message>
    <message>
        <source>cannot be had here</source>
        <translation>impossible ici</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers less</source>
        <translation>
            <numerusform>%1, %n couche de moins</numerusform>
            <numerusform>%1, %n couches de moins</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, no gain (quick)</source>
        <translation>%1, aucun gain (rapide)</translation>
    </message>
    <message>
        <source>%1, gains nothing</source>
        <translation>%1, ne gagne rien</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>pas encore choisi</translation>
    </message>
    <message>
        <source>by area</source>
        <translation>par zones</translation>
    </message>
    <message>
        <source>The ground: %1</source>
        <translation>Le fond&#xa0;: %1</translation>
    </message>
    <message>
        <source>The sheet over: %1</source>
        <translation>La feuille par-dessus&#xa0;: %1</translation>
    </message>
    <message>
        <source>A quick plan over: %1</source>
        <translation>Un plan rapide par-dessus&#xa0;: %1</translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation>finit %1</translation>
    </message>
    <message>
        <source>Left %1, right %2</source>
        <translation>À gauche %1, à droite %2</translation>
    </message>
    <message>
        <source>The ways to begin, each tried to its end with your sticks, the best for your goal first. A click looks at one large; lay it, take the best, or click an area and give it a ground of its own.</source>
        <translation>Les façons de commencer, chacune essayée jusqu&apos;au bout avec vos bâtons, la meilleure pour votre but d&apos;abord. Un clic en montre une en grand&#xa0;; posez-la, prenez la meilleure, ou cliquez sur une zone et donnez-lui son propre fond.</translation>
    </message>
    <message>
        <source>Its layers, wet above, dry below</source>
        <translation>Ses couches, mouillées en haut, sèches en bas</translation>
    </message>
    <message>
        <source>Its layers</source>
        <translation>Ses couches</translation>
    </message>
    <message>
        <source>%1, under %2: %3</source>
        <translation>%1, sous %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>The ways to begin are tried as soon as the subject is read.</source>
        <translation>Les façons de commencer sont essayées dès que le sujet est lu.</translation>
    </message>
    <message>
        <source>It is laid because it serves best.</source>
        <translation>Il est posé parce qu&apos;il sert le mieux.</translation>
    </message>
    <message>
        <source>You have laid it.</source>
        <translation>Vous l&apos;avez posé.</translation>
    </message>
    <message>
        <source>The whole plan over it ends %1.</source>
        <translation>Tout le plan par-dessus finit %1.</translation>
    </message>
    <message>
        <source>It is being tried.</source>
        <translation>Il est à l&apos;essai.</translation>
    </message>
    <message>
        <source>Score %1 of 100: %2.</source>
        <translation>%1 points sur 100&#xa0;: %2.</translation>
    </message>
    <message>
        <source>It glints through most in %1: %2 % of its light comes through there.</source>
        <translation>Il transparaît le plus dans %1&#xa0;: %2 % de sa lumière y vient de lui.</translation>
    </message>
    <message>
        <source>It dries in %1 (common practice).</source>
        <translation>Il sèche en %1 (pratique courante).</translation>
    </message>
    <message>
        <source>In all some %1 to lay; the tooth is %2 % used at the end, %3 % where it is used most.</source>
        <translation>En tout environ %1 à poser&#xa0;; le grain est employé à %2 % à la fin, à %3 % au plus.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Shows the ground that is looked at without what goes over it.</source>
        <translation>Montre le fond regardé sans ce qui va dessus.</translation>
    </message>
    <message>
        <source>How washes are dried: their waiting times follow from it.</source>
        <translation>Comment sèchent les lavis&#xa0;: leurs attentes en découlent.</translation>
    </message>
    <message>
        <source>A ground of its own for the area that is chosen.</source>
        <translation>Un fond propre à la zone choisie.</translation>
    </message>
    <message>
        <source>Leaves the ground to the plan, which lays what serves best for your goal.</source>
        <translation>Laisse le fond au plan, qui pose ce qui sert le mieux votre but.</translation>
    </message>
    <message>
        <source>Lays the ground that is looked at, under the whole picture.</source>
        <translation>Pose le fond regardé sous tout le tableau.</translation>
    </message>
</context>
<context>
    <name>app::UnsavedSheet</name>
    <message>
        <source>Work that was not saved</source>
        <translation>Travail non enregistré</translation>
    </message>
    <message>
        <source>The program ended before these choices were saved. What you leave is offered again at the next start.</source>
        <translation>Le programme s&apos;est arrêté avant que ces choix soient enregistrés. Ce que vous laissez est proposé de nouveau au prochain démarrage.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>La laisser</translation>
    </message>
    <message>
        <source>The sheet of %1</source>
        <translation>La feuille du %1</translation>
    </message>
    <message>
        <source>%1
Choices: %2, last written %3</source>
        <translation>%1
Choix&#xa0;: %2, écrits en dernier %3</translation>
    </message>
    <message>
        <source>A study without a title</source>
        <translation>Une étude sans titre</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>La reprendre</translation>
    </message>
    <message>
        <source>Throw it away</source>
        <translation>La jeter</translation>
    </message>
</context>
<context>
    <name>app::ValuesStation</name>
    <message>
        <source>The value ladder</source>
        <translation>L&apos;échelle des valeurs</translation>
    </message>
    <message>
        <source>each mass on its rung</source>
        <translation>chaque masse sur son échelon</translation>
    </message>
    <message>
        <source>Ladder</source>
        <translation>Échelle</translation>
    </message>
    <message>
        <source>The masses on their rungs, and where they part</source>
        <translation>Les masses sur leurs échelons, et où elles se séparent</translation>
    </message>
    <message>
        <source>Groupings</source>
        <translation>Groupements</translation>
    </message>
    <message>
        <source>Other ways to group the values, side by side</source>
        <translation>D&apos;autres façons de grouper les valeurs, côte à côte</translation>
    </message>
    <message>
        <source>Colour choices</source>
        <translation>Choix de couleur</translation>
    </message>
    <message>
        <source>What is changed on purpose, before and after</source>
        <translation>Ce qu&apos;on change exprès, avant et après</translation>
    </message>
    <message>
        <source>Value steps</source>
        <translation>Degrés de valeur</translation>
    </message>
    <message>
        <source>Part them exactly</source>
        <translation>Séparer exactement</translation>
    </message>
    <message>
        <source>Puts the marks where the squared distance from the subject is the least.</source>
        <translation>Met les marques où l&apos;écart quadratique au sujet est le moindre.</translation>
    </message>
    <message>
        <source>Squint</source>
        <translation>Plisser</translation>
    </message>
    <message>
        <source>1 is black</source>
        <translation>1 est noir</translation>
    </message>
    <message>
        <source>1 is white</source>
        <translation>1 est blanc</translation>
    </message>
    <message>
        <source>Counting</source>
        <translation>Compte</translation>
    </message>
    <message>
        <source>Where the masses part</source>
        <translation>Où les masses se séparent</translation>
    </message>
    <message>
        <source>Masses parted exactly</source>
        <translation>Masses séparées exactement</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>pas encore lu</translation>
    </message>
    <message>
        <source>Subject, as it is meant to be</source>
        <translation>Sujet, tel qu&apos;on le veut</translation>
    </message>
    <message>
        <source>Subject, %1 value masses</source>
        <translation>Sujet, %1 masses de valeur</translation>
    </message>
    <message>
        <source>strongest contrast</source>
        <translation>contraste le plus fort</translation>
    </message>
    <message>
        <source>The subject is %1: its masses span %2 steps of the ladder.</source>
        <translation>Le sujet est %1&#xa0;: ses masses couvrent %2 degrés de l&apos;échelle.</translation>
    </message>
    <message>
        <source>%1 % of the picture is dark, %2 % medium and %3 % light (parted at %4 and %5).</source>
        <translation>%1 % du tableau est sombre, %2 % moyen et %3 % clair (séparés à %4 et %5).</translation>
    </message>
    <message>
        <source>Say under Subject, Areas, what the picture is about: then the strongest contrast is held against it.</source>
        <translation>Dites à Sujet, Zones, de quoi parle le tableau&#xa0;: le contraste le plus fort y est alors comparé.</translation>
    </message>
    <message>
        <source>The masses part where the squared distance from the subject is the least possible; small islands are given to their neighbours. Drag the marks to part them elsewhere.</source>
        <translation>Les masses se séparent où l&apos;écart quadratique au sujet est le moindre possible&#xa0;; les petits îlots vont à leurs voisins. Tirez les marques pour les séparer ailleurs.</translation>
    </message>
    <message>
        <source>The masses part where you put the marks.</source>
        <translation>Les masses se séparent où vous mettez les marques.</translation>
    </message>
    <message>
        <source>The mass in the frame stands at value %1 and holds %2 % of the picture.</source>
        <translation>La masse encadrée est à la valeur %1 et occupe %2 % du tableau.</translation>
    </message>
    <message>
        <source>The range is narrow: a picture of so few steps reads flat unless edges or colour carry it.</source>
        <translation>L&apos;étendue est étroite&#xa0;: un tableau d&apos;aussi peu de degrés paraît plat si les bords ou la couleur ne le portent.</translation>
    </message>
    <message>
        <source>The masses of light and dark stand on the nine rungs of the ladder. Hold Q to squint and W to see values only; drag the marks where the masses should part otherwise.</source>
        <translation>Les masses de clair et de sombre sont sur les neuf échelons de l&apos;échelle. Maintenez Q pour plisser les yeux et W pour ne voir que les valeurs&#xa0;; tirez les marques où les masses doivent se séparer autrement.</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Valeurs</translation>
    </message>
    <message>
        <source>The values are read as soon as there is a picture.</source>
        <translation>Les valeurs sont lues dès qu&apos;il y a une image.</translation>
    </message>
    <message>
        <source>How many masses of value the subject is read in.</source>
        <translation>En combien de masses de valeur le sujet est lu.</translation>
    </message>
    <message>
        <source>How far the eyes are closed: small things melt into their masses.</source>
        <translation>À quel point les yeux sont fermés&#xa0;: les petites choses se fondent dans leur masse.</translation>
    </message>
    <message>
        <source>Whether black or white is counted as 1.</source>
        <translation>Si le noir ou le blanc compte pour 1.</translation>
    </message>
</context>
<context>
    <name>app::Wakefulness</name>
    <message>
        <source>Work at the easel</source>
        <translation>Travail au chevalet</translation>
    </message>
</context>
<context>
    <name>app::WayLeaf</name>
    <message>
        <source>Plan new pictures for my touch</source>
        <translation>Planifier pour ma touche</translation>
    </message>
    <message>
        <source>How much your hand lays and covers, in the mean of what was checked, is what later plans reckon with; this sheet too as long as it is not begun.</source>
        <translation>Combien votre main pose et couvre, en moyenne de ce qui a été contrôlé, c&apos;est ce dont tiennent compte les plans suivants&#xa0;; cette feuille aussi tant qu&apos;elle n&apos;est pas commencée.</translation>
    </message>
    <message>
        <source>Touch</source>
        <translation>Touche</translation>
    </message>
    <message>
        <source>What your hand tends to do</source>
        <translation>Ce que votre main a tendance à faire</translation>
    </message>
    <message>
        <source>That is told once a photograph of the work has been kept.</source>
        <translation>On le dira dès qu&apos;une photo du travail aura été gardée.</translation>
    </message>
    <message>
        <source>Nothing more that chance would not explain.</source>
        <translation>Rien de plus que le hasard n&apos;explique.</translation>
    </message>
</context>
<context>
    <name>app::WayStrip</name>
    <message>
        <source>%1, step %2</source>
        <translation>%1, étape %2</translation>
    </message>
    <message>
        <source>The way to the goal</source>
        <translation>Le chemin vers le but</translation>
    </message>
    <message>
        <source>No photograph of this sheet has been kept by Check yet.</source>
        <translation>Contrôle n&apos;a encore gardé aucune photo de cette feuille.</translation>
    </message>
    <message>
        <source>the plan comes to %1</source>
        <translation>le plan arrive à %1</translation>
    </message>
</context>
<context>
    <name>drawing</name>
    <message>
        <source>a quarter of the tooth</source>
        <translation>un quart du grain</translation>
    </message>
    <message>
        <source>half of the tooth</source>
        <translation>la moitié du grain</translation>
    </message>
    <message>
        <source>three quarters of the tooth</source>
        <translation>trois quarts du grain</translation>
    </message>
    <message>
        <source>here the tooth ends</source>
        <translation>ici finit le grain</translation>
    </message>
</context>
<context>
    <name>print</name>
    <message>
        <source>%1: %2 (%3)</source>
        <translation>%1&#xa0;: %2 (%3)</translation>
    </message>
    <message>
        <source>%1: fix an offcut of %2 × %3 mm over this frame, right side up</source>
        <translation>%1&#xa0;: fixez une chute de %2 × %3 mm sur ce cadre, endroit au-dessus</translation>
    </message>
    <message>
        <source>Which stick each letter is stands on the page that goes with this window.</source>
        <translation>Quel bâton est chaque lettre se lit sur la page qui va avec cette fenêtre.</translation>
    </message>
    <message>
        <source>%1 nothing</source>
        <translation>%1 rien</translation>
    </message>
    <message>
        <source>%1. Print at full size. Lay each field as the ticks and the words beside it say. %2</source>
        <translation>%1. Imprimer en grandeur réelle. Posez chaque champ comme le disent les traits et les mots à côté. %2</translation>
    </message>
    <message>
        <source>Pressure: 1 light, 2 medium, 3 heavy.</source>
        <translation>Pression&#xa0;: 1 légère, 2 moyenne, 3 forte.</translation>
    </message>
    <message>
        <source>Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it.</source>
        <translation>Photographiez toute la carte à plat, près d&apos;une fenêtre, sans flash. Tapotez la poussière, ne soufflez jamais.</translation>
    </message>
    <message>
        <source>%1: what should be seen. This page is not photographed.</source>
        <translation>%1&#xa0;: ce qu&apos;on devrait voir. Cette page n&apos;est pas photographiée.</translation>
    </message>
    <message>
        <source>The colours above are as this printer makes them; the words are what counts. %1</source>
        <translation>Les couleurs ci-dessus sont celles de cette imprimante&#xa0;; ce sont les mots qui comptent. %1</translation>
    </message>
    <message>
        <source>Paper: %1</source>
        <translation>Papier&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1, to step %2</source>
        <translation>%1, jusqu&apos;à l&apos;étape %2</translation>
    </message>
    <message>
        <source>Layer plan</source>
        <translation>Plan des couches</translation>
    </message>
    <message>
        <source>%1 on %2. %3, %4, %5.</source>
        <translation>%1 sur %2. %3, %4, %5.</translation>
    </message>
    <message>
        <source>The reference</source>
        <translation>La référence</translation>
    </message>
    <message>
        <source>The sheet as predicted under %1, all steps done</source>
        <translation>La feuille prévue sous %1, toutes étapes faites</translation>
    </message>
    <message>
        <source>The finished sheet is %1. Nineteen twentieths of it are within %2, with half-closed eyes the mean is %3. With an unsteady hand the tones stay within %4 in the mean; the nearest single sticks would leave %5.</source>
        <translation>La feuille finie est %1. Dix-neuf vingtièmes en sont à moins de %2, yeux mi-clos la moyenne est %3. D&apos;une main peu sûre, les tons restent en moyenne à moins de %4&#xa0;; les bâtons seuls les plus proches laisseraient %5.</translation>
    </message>
    <message>
        <source>Pull these</source>
        <translation>À sortir</translation>
    </message>
    <message>
        <source>  (toxic)</source>
        <translation>  (toxique)</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>After the %1</source>
        <translation>Après&#xa0;: %1</translation>
    </message>
    <message>
        <source>Steps %1 to %2, %3. The sheet is then %4 ΔE00 from the reference, as the eye sees both.</source>
        <translation>Étapes %1 à %2, %3. La feuille est alors à %4 ΔE00 de la référence, telles que l&apos;œil voit les deux.</translation>
    </message>
    <message>
        <source>The section</source>
        <translation>La coupe</translation>
    </message>
    <message>
        <source>A cut through the sheet: the areas side by side from the darkest to the lightest, each as wide as its share and its places from dark to light; bands for its layers, from the paper up, as thick as the pressure lays them.</source>
        <translation>Une coupe de la feuille&#xa0;: les zones côte à côte de la plus sombre à la plus claire, chacune large comme sa part et ses endroits du sombre au clair&#xa0;; des bandes pour ses couches, à partir du papier, épaisses comme la pression les pose.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>A few light lines.</source>
        <translation>Quelques lignes légères.</translation>
    </message>
    <message>
        <source>As the map shows: pale is light, dark is heavy.</source>
        <translation>Comme le montre la carte&#xa0;: pâle est léger, sombre est fort.</translation>
    </message>
    <message>
        <source>%1, then wait %2.</source>
        <translation>%1, puis attendre %2.</translation>
    </message>
    <message>
        <source>Why: %1.</source>
        <translation>Pourquoi&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Evening %1 of %2</source>
        <translation>Soirée %1 sur %2</translation>
    </message>
    <message>
        <source>Steps %1 to %2, %3. Lay out: %4.</source>
        <translation>Étapes %1 à %2, %3. À préparer&#xa0;: %4.</translation>
    </message>
    <message>
        <source>The steps</source>
        <translation>Les étapes</translation>
    </message>
    <message>
        <source>What to mind, and safety</source>
        <translation>À quoi prendre garde, et sécurité</translation>
    </message>
    <message>
        <source>Ask a professional about questions of health.</source>
        <translation>Pour les questions de santé, demandez à un professionnel.</translation>
    </message>
    <message>
        <source>Practice from %1 to %2</source>
        <translation>Exercices du %1 au %2</translation>
    </message>
    <message>
        <source>No exercise was answered in this week.</source>
        <translation>Aucun exercice n&apos;a été fait cette semaine.</translation>
    </message>
    <message>
        <source>Answers: %1, of which right: %2.</source>
        <translation>Réponses&#xa0;: %1, dont justes&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Ensuite</translation>
    </message>
    <message>
        <source>%1, on %2</source>
        <translation>%1, le %2</translation>
    </message>
    <message>
        <source>You tell %1 apart.</source>
        <translation>Vous distinguez %1.</translation>
    </message>
    <message>
        <source>You tell %1 apart; the week before it was %2.</source>
        <translation>Vous distinguez %1&#xa0;; la semaine d&apos;avant c&apos;était %2.</translation>
    </message>
    <message>
        <source>On %1; %2 at the easel, in %3.</source>
        <translation>Le %1&#xa0;; %2 au chevalet, en %3.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Ce qui a servi</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1&#xa0;: %2, %3</translation>
    </message>
    <message>
        <source>Print at full size. Lay each stick light, medium and heavy, half over the paper and half over the black.</source>
        <translation>Imprimer en grandeur réelle. Posez chaque bâton léger, moyen et fort, moitié sur le papier et moitié sur le noir.</translation>
    </message>
    <message>
        <source>light</source>
        <translation>léger</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>moyen</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>fort</translation>
    </message>
    <message>
        <source>Which row is what. Of a paper lay an offcut over its whole row. This page is not photographed.</source>
        <translation>Quelle rangée est quoi. D&apos;un papier, posez une chute sur toute sa rangée. Cette page n&apos;est pas photographiée.</translation>
    </message>
</context>
<context>
    <name>wording</name>
    <message>
        <source>Dark to light</source>
        <translation>Du sombre au clair</translation>
    </message>
    <message>
        <source>Each area is laid from its darkest stick to its lightest.</source>
        <translation>Chaque zone est posée de son bâton le plus sombre au plus clair.</translation>
    </message>
    <message>
        <source>Light base first</source>
        <translation>Base claire d&apos;abord</translation>
    </message>
    <message>
        <source>Each area begins with its lightest stick, and the darks are laid over it.</source>
        <translation>Chaque zone commence par son bâton le plus clair, et les sombres se posent dessus.</translation>
    </message>
    <message>
        <source>Background first</source>
        <translation>L&apos;arrière-plan d&apos;abord</translation>
    </message>
    <message>
        <source>What lies behind is laid before what overlaps it.</source>
        <translation>Ce qui est derrière se pose avant ce qui le recouvre.</translation>
    </message>
    <message>
        <source>Focal feature first</source>
        <translation>Le point focal d&apos;abord</translation>
    </message>
    <message>
        <source>What the picture is about is finished first, and all else is tuned to it.</source>
        <translation>Ce dont parle le tableau est fini d&apos;abord, et tout le reste s&apos;y accorde.</translation>
    </message>
    <message>
        <source>Hard to soft</source>
        <translation>Du dur au tendre</translation>
    </message>
    <message>
        <source>Hard points go under soft sticks wherever they would not hold the other way round.</source>
        <translation>Les pointes dures vont sous les bâtons tendres partout où l&apos;inverse ne tiendrait pas.</translation>
    </message>
    <message>
        <source>Soft base, pencils over</source>
        <translation>Base tendre, crayons dessus</translation>
    </message>
    <message>
        <source>A thin base of soft pastel is rubbed in, and everything over it is pencil or hard stick.</source>
        <translation>Une fine base de pastel tendre est frottée, et tout ce qui va dessus est crayon ou bâton dur.</translation>
    </message>
    <message>
        <source>Sparingly</source>
        <translation>Avec retenue</translation>
    </message>
    <message>
        <source>A layer is blended only where that betters its area clearly.</source>
        <translation>Une couche n&apos;est estompée que si sa zone y gagne nettement.</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Lisse</translation>
    </message>
    <message>
        <source>Layers are blended with sponge, finger, stump or shaper wherever it serves; light areas before dark ones, never across an edge.</source>
        <translation>Les couches sont estompées à l&apos;éponge, au doigt, à l&apos;estompe ou à l&apos;embout où cela sert&#xa0;; les zones claires avant les sombres, jamais à travers un bord.</translation>
    </message>
    <message>
        <source>Strokes kept</source>
        <translation>Traits gardés</translation>
    </message>
    <message>
        <source>Everything is hatched: the colours stay apart, and mix in the eye.</source>
        <translation>Tout est hachuré&#xa0;: les couleurs restent séparées et se mêlent dans l&apos;œil.</translation>
    </message>
    <message>
        <source>Last, in the darks</source>
        <translation>En dernier, dans les sombres</translation>
    </message>
    <message>
        <source>Black goes on last, only in the darks, and is never blended.</source>
        <translation>Le noir va en dernier, dans les seuls sombres, et n&apos;est jamais estompé.</translation>
    </message>
    <message>
        <source>Never</source>
        <translation>Jamais</translation>
    </message>
    <message>
        <source>No black is used: the darks are mixed.</source>
        <translation>Pas de noir&#xa0;: les sombres sont mélangés.</translation>
    </message>
    <message>
        <source>Freely</source>
        <translation>Librement</translation>
    </message>
    <message>
        <source>Black is used like any other stick.</source>
        <translation>Le noir sert comme tout autre bâton.</translation>
    </message>
    <message>
        <source>Between layers</source>
        <translation>Entre les couches</translation>
    </message>
    <message>
        <source>Fixative goes between layers where the tooth wants it back.</source>
        <translation>Du fixatif va entre les couches où il faut rendre du grain.</translation>
    </message>
    <message>
        <source>Only to darken</source>
        <translation>Seulement pour foncer</translation>
    </message>
    <message>
        <source>Fixative is used only where it darkens towards what is wanted.</source>
        <translation>Le fixatif ne sert que là où il fonce vers ce qu&apos;on veut.</translation>
    </message>
    <message>
        <source>No fixative: pressure and layers are kept within the tooth.</source>
        <translation>Pas de fixatif&#xa0;: pression et couches restent dans le grain.</translation>
    </message>
    <message>
        <source>Faithful</source>
        <translation>Fidèle</translation>
    </message>
    <message>
        <source>Colours are those of the reference.</source>
        <translation>Les couleurs sont celles de la référence.</translation>
    </message>
    <message>
        <source>Pushed</source>
        <translation>Poussé</translation>
    </message>
    <message>
        <source>Colours are meant stronger than in the reference, and contrast a little too: the picture has to compete with life. The difference is then told from these.</source>
        <translation>Les couleurs sont voulues plus fortes que dans la référence, et le contraste un peu aussi&#xa0;: le tableau doit rivaliser avec la vie. L&apos;écart se dit alors par rapport à elles.</translation>
    </message>
    <message>
        <source>As they are</source>
        <translation>Telles quelles</translation>
    </message>
    <message>
        <source>The highest lights are those of the reference.</source>
        <translation>Les plus hautes lumières sont celles de la référence.</translation>
    </message>
    <message>
        <source>A little stronger</source>
        <translation>Un peu plus fortes</translation>
    </message>
    <message>
        <source>The highest lights are meant half a step lighter.</source>
        <translation>Les plus hautes lumières sont voulues un demi-degré plus claires.</translation>
    </message>
    <message>
        <source>Whole picture at once</source>
        <translation>Tout le tableau ensemble</translation>
    </message>
    <message>
        <source>Every area is blocked in before any is built up.</source>
        <translation>Chaque zone est mise en place avant qu&apos;une soit montée.</translation>
    </message>
    <message>
        <source>Area by area</source>
        <translation>Zone après zone</translation>
    </message>
    <message>
        <source>One area is finished before the next is begun.</source>
        <translation>Une zone est finie avant que la suivante commence.</translation>
    </message>
    <message>
        <source>Value order</source>
        <translation>Ordre des valeurs</translation>
    </message>
    <message>
        <source>What first</source>
        <translation>Quoi d&apos;abord</translation>
    </message>
    <message>
        <source>Hard and soft</source>
        <translation>Dur et tendre</translation>
    </message>
    <message>
        <source>Blending</source>
        <translation>Estompage</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Noir</translation>
    </message>
    <message>
        <source>Underpainting</source>
        <translation>Sous-couche</translation>
    </message>
    <message>
        <source>Fixative</source>
        <translation>Fixatif</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Highlights</source>
        <translation>Rehauts</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Sur la feuille</translation>
    </message>
    <message>
        <source>Landscape, dark to light</source>
        <translation>Paysage, du sombre au clair</translation>
    </message>
    <message>
        <source>Animal in pencil, light base, eyes first</source>
        <translation>Animal au crayon, base claire, les yeux d&apos;abord</translation>
    </message>
    <message>
        <source>Figure, hatched</source>
        <translation>Figure, hachurée</translation>
    </message>
    <message>
        <source>Portrait, blended</source>
        <translation>Portrait, estompé</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 plus loin</translation>
    </message>
    <message>
        <source>%1 nearer</source>
        <translation>%1 plus près</translation>
    </message>
    <message numerus="yes">
        <source>%1 layers</source>
        <comment>more or fewer</comment>
        <translation>
            <numerusform>%1 couche</numerusform>
            <numerusform>%1 couches</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>changes no figure</source>
        <translation>ne change aucun chiffre</translation>
    </message>
    <message>
        <source>%1 mm too low</source>
        <translation>%1 mm trop bas</translation>
    </message>
    <message>
        <source>%1 mm too high</source>
        <translation>%1 mm trop haut</translation>
    </message>
    <message>
        <source>%1 mm too far right</source>
        <translation>%1 mm trop à droite</translation>
    </message>
    <message>
        <source>%1 mm too far left</source>
        <translation>%1 mm trop à gauche</translation>
    </message>
    <message>
        <source>in its place</source>
        <translation>à sa place</translation>
    </message>
    <message>
        <source>Lay other layers</source>
        <translation>Poser d&apos;autres couches</translation>
    </message>
    <message>
        <source>Lift first</source>
        <translation>Ôter d&apos;abord</translation>
    </message>
    <message>
        <source>Fix it darker first</source>
        <translation>Foncer d&apos;abord au fixatif</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>place by place it comes to %1</source>
        <translation>endroit par endroit, elle arrive à %1</translation>
    </message>
    <message>
        <source>Leave out a layer that is left: %1.</source>
        <translation>Omettre une couche qui reste&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Lay %1: %2.</source>
        <translation>Poser %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Lift what lies loose, then go on as planned: %1.</source>
        <translation>Ôter ce qui est libre, puis continuer comme prévu&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Lift what lies loose, then lay %1: %2.</source>
        <translation>Ôter ce qui est libre, puis poser %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Fix it, which darkens it and gives tooth back: %1.</source>
        <translation>Fixer, ce qui fonce et rend du grain&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Fix it, which darkens it and gives tooth back, then lay %1: %2.</source>
        <translation>Fixer, ce qui fonce et rend du grain, puis poser %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Let it be: %1</source>
        <translation>Laisser&#xa0;: %1</translation>
    </message>
    <message>
        <source>Let it be: what is still to be laid brings it from %1 to %2, place by place.</source>
        <translation>Laisser&#xa0;: ce qui reste à poser la mène de %1 à %2, endroit par endroit.</translation>
    </message>
    <message>
        <source>Let it be: place by place it stays %1 off.</source>
        <translation>Laisser&#xa0;: endroit par endroit, elle reste à %1.</translation>
    </message>
    <message>
        <source>lays some %1 % more</source>
        <translation>pose environ %1 % de plus</translation>
    </message>
    <message>
        <source>lays some %1 % less</source>
        <translation>pose environ %1 % de moins</translation>
    </message>
    <message>
        <source>covers %1 % more</source>
        <translation>couvre %1 % de plus</translation>
    </message>
    <message>
        <source>covers %1 % less</source>
        <translation>couvre %1 % de moins</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
    <message>
        <source>Your hand lays as much as usual.</source>
        <translation>Votre main pose autant que d&apos;ordinaire.</translation>
    </message>
    <message>
        <source>Your hand %1 than usual; what is left is planned by that.</source>
        <translation>Votre main %1 que d&apos;ordinaire&#xa0;; le reste est planifié ainsi.</translation>
    </message>
    <message>
        <source>Your touch is as plans reckon with.</source>
        <translation>Votre touche est celle que comptent les plans.</translation>
    </message>
    <message>
        <source>Your hand %1 than usual.</source>
        <translation>Votre main %1 que d&apos;ordinaire.</translation>
    </message>
    <message numerus="yes">
        <source>(%n areas)</source>
        <translation>
            <numerusform>(%n zone)</numerusform>
            <numerusform>(%n zones)</numerusform>
        </translation>
    </message>
    <message>
        <source>In the darks: %1 %2.</source>
        <translation>Dans les sombres&#xa0;: %1 %2.</translation>
    </message>
    <message>
        <source>In the middle tones: %1 %2.</source>
        <translation>Dans les tons moyens&#xa0;: %1 %2.</translation>
    </message>
    <message>
        <source>In the lights: %1 %2.</source>
        <translation>Dans les clairs&#xa0;: %1 %2.</translation>
    </message>
    <message numerus="yes">
        <source>Told from %1 areas of %n kept photographs.</source>
        <translation>
            <numerusform>D&apos;après %1 zones de %n photo gardée.</numerusform>
            <numerusform>D&apos;après %1 zones de %n photos gardées.</numerusform>
        </translation>
    </message>
    <message>
        <source>Its leftmost point</source>
        <translation>Son point le plus à gauche</translation>
    </message>
    <message>
        <source>Its rightmost point</source>
        <translation>Son point le plus à droite</translation>
    </message>
    <message>
        <source>Its highest point</source>
        <translation>Son point le plus haut</translation>
    </message>
    <message>
        <source>Its lowest point</source>
        <translation>Son point le plus bas</translation>
    </message>
    <message>
        <source>%1 stands %2 against the %3, with which it should be plumb.</source>
        <translation>%1 est %2 par rapport à&#xa0;: %3, avec quoi il devrait être d&apos;aplomb.</translation>
    </message>
    <message>
        <source>%1 stands %2 against the %3, with which it should be level.</source>
        <translation>%1 est %2 par rapport à&#xa0;: %3, avec quoi il devrait être de niveau.</translation>
    </message>
    <message>
        <source>a shadow lies over %1 % of the sheet</source>
        <translation>une ombre couvre %1 % de la feuille</translation>
    </message>
    <message>
        <source>light gleams on %1 % of it</source>
        <translation>un reflet brille sur %1 %</translation>
    </message>
    <message>
        <source>Left out, and hatched: %1. A photograph without it tells more.</source>
        <translation>Laissé de côté, et hachuré&#xa0;: %1. Une photo sans cela en dit plus.</translation>
    </message>
    <message>
        <source>The colours are balanced by the grey card; all together they may be off by %1.</source>
        <translation>Les couleurs sont équilibrées sur la carte grise&#xa0;; en tout elles peuvent s&apos;écarter de %1.</translation>
    </message>
    <message>
        <source>The colours are balanced by the swatch card; all together they may be off by %1.</source>
        <translation>Les couleurs sont équilibrées sur le nuancier&#xa0;; en tout elles peuvent s&apos;écarter de %1.</translation>
    </message>
    <message>
        <source>The colours are balanced by the tape; all together they may be off by %1. A grey card beside the sheet makes them surer.</source>
        <translation>Les couleurs sont équilibrées sur l&apos;adhésif&#xa0;; en tout elles peuvent s&apos;écarter de %1. Une carte grise à côté de la feuille les rend plus sûres.</translation>
    </message>
    <message>
        <source>The colours are balanced by the bare paper round the picture; all together they may be off by %1. A grey card beside the sheet makes them surer.</source>
        <translation>Les couleurs sont équilibrées sur le papier nu autour du tableau&#xa0;; en tout elles peuvent s&apos;écarter de %1. Une carte grise à côté de la feuille les rend plus sûres.</translation>
    </message>
    <message>
        <source>%1: %2 goes %3 under one layer of %4</source>
        <translation>%1&#xa0;: %2 devient %3 sous une couche de %4</translation>
    </message>
    <message>
        <source>%1, and four soft layers do not cover it</source>
        <translation>%1, et quatre couches tendres ne le couvrent pas</translation>
    </message>
    <message numerus="yes">
        <source>%1; %n soft layers cover it</source>
        <translation>
            <numerusform>%1&#xa0;; %n couche tendre le couvre</numerusform>
            <numerusform>%1&#xa0;; %n couches tendres le couvrent</numerusform>
        </translation>
    </message>
    <message>
        <source>as proposed</source>
        <translation>comme proposé</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>papier nu</translation>
    </message>
    <message>
        <source>values in one colour</source>
        <translation>valeurs en une couleur</translation>
    </message>
    <message>
        <source>local washes</source>
        <translation>lavis du ton local</translation>
    </message>
    <message>
        <source>complements</source>
        <translation>complémentaires</translation>
    </message>
    <message>
        <source>cool shadows</source>
        <translation>ombres froides</translation>
    </message>
    <message>
        <source>warm all over</source>
        <translation>chaud partout</translation>
    </message>
    <message>
        <source>ink in the deepest darks</source>
        <translation>encre dans les plus sombres</translation>
    </message>
    <message>
        <source>charcoal tone map</source>
        <translation>valeurs au fusain</translation>
    </message>
    <message>
        <source>dry base, rubbed in</source>
        <translation>base sèche, frottée</translation>
    </message>
    <message>
        <source>pastel brushed out</source>
        <translation>pastel étendu au pinceau</translation>
    </message>
    <message>
        <source>The way to begin that serves best is taken.</source>
        <translation>On prend la façon de commencer qui sert le mieux.</translation>
    </message>
    <message>
        <source>The first stick goes on the bare paper.</source>
        <translation>Le premier bâton va sur le papier nu.</translation>
    </message>
    <message>
        <source>One colour in several strengths puts the values down, whatever the hues.</source>
        <translation>Une couleur en plusieurs forces pose les valeurs, quelles que soient les teintes.</translation>
    </message>
    <message>
        <source>A flat tone under each area, its own hue and a step darker, since the layers above lighten it.</source>
        <translation>Un ton plat sous chaque zone, de sa teinte et un degré plus sombre, puisque les couches du dessus l&apos;éclaircissent.</translation>
    </message>
    <message>
        <source>Under each area lies the opposite of its hue at the same value, to glint between the strokes.</source>
        <translation>Sous chaque zone est l&apos;opposé de sa teinte à la même valeur, pour miroiter entre les traits.</translation>
    </message>
    <message>
        <source>Blue-violet lies under what is dark; the lights stay bare.</source>
        <translation>Du bleu-violet est sous ce qui est sombre&#xa0;; les clairs restent nus.</translation>
    </message>
    <message>
        <source>One warm orange tone lies under everything.</source>
        <translation>Un orange chaud est sous tout.</translation>
    </message>
    <message>
        <source>Ink lies under what is darker than soft pastel gets, and stays visible as a map.</source>
        <translation>De l&apos;encre est sous ce qui est plus sombre que le pastel tendre, et reste visible comme une carte.</translation>
    </message>
    <message>
        <source>Charcoal, rubbed in, maps the values.</source>
        <translation>Du fusain frotté donne les valeurs.</translation>
    </message>
    <message>
        <source>A thin layer of stick near each area&apos;s colour is rubbed into the tooth.</source>
        <translation>Une fine couche de bâton proche de la couleur de chaque zone est frottée dans le grain.</translation>
    </message>
    <message>
        <source>A thin layer of stick near each area&apos;s colour is brushed out with alcohol.</source>
        <translation>Une fine couche de bâton proche de la couleur de chaque zone est étendue à l&apos;alcool au pinceau.</translation>
    </message>
    <message>
        <source>Truest colour</source>
        <translation>Couleur la plus vraie</translation>
    </message>
    <message>
        <source>Least work</source>
        <translation>Le moins de travail</translation>
    </message>
    <message>
        <source>Most sparkle</source>
        <translation>Le plus d&apos;éclat</translation>
    </message>
    <message>
        <source>Most vivid</source>
        <translation>Le plus vif</translation>
    </message>
    <message>
        <source>Dry in the air</source>
        <translation>Sécher à l&apos;air</translation>
    </message>
    <message>
        <source>Dry with a hair dryer</source>
        <translation>Sécher au sèche-cheveux</translation>
    </message>
    <message>
        <source>Dry with a heat gun</source>
        <translation>Sécher au pistolet chauffant</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>couleur</translation>
    </message>
    <message>
        <source>work</source>
        <translation>travail</translation>
    </message>
    <message>
        <source>tooth</source>
        <translation>grain</translation>
    </message>
    <message>
        <source>first darks and lights</source>
        <translation>premiers sombres et clairs</translation>
    </message>
    <message>
        <source>sparkle</source>
        <translation>éclat</translation>
    </message>
    <message>
        <source>vividness</source>
        <translation>vivacité</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 sur %3</translation>
    </message>
    <message>
        <source>the first dark stands %1 steps below it and the first light %2 above: both show from the first stroke</source>
        <translation>le premier sombre est %1 degrés au-dessous et le premier clair %2 au-dessus&#xa0;: les deux se voient dès le premier trait</translation>
    </message>
    <message>
        <source>lights hardly show on it: the first stroke of the lightest is %1 steps away</source>
        <translation>les clairs s&apos;y voient à peine&#xa0;: le premier trait du plus clair est à %1 degrés</translation>
    </message>
    <message>
        <source>lights do not show on it: the first stroke of the lightest is no lighter</source>
        <translation>les clairs ne s&apos;y voient pas&#xa0;: le premier trait du plus clair n&apos;est pas plus clair</translation>
    </message>
    <message>
        <source>darks hardly show on it: the first stroke of the darkest is %1 steps away</source>
        <translation>les sombres s&apos;y voient à peine&#xa0;: le premier trait du plus sombre est à %1 degrés</translation>
    </message>
    <message>
        <source>darks do not show on it: the first stroke of the darkest is no darker</source>
        <translation>les sombres ne s&apos;y voient pas&#xa0;: le premier trait du plus sombre n&apos;est pas plus sombre</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n layers may be left out to come as near as the middle one of your papers does</source>
        <translation>
            <numerusform>%1 couche sur %n peut être omise pour arriver aussi près que le papier moyen des vôtres</numerusform>
            <numerusform>%1 couches sur %n peuvent être omises pour arriver aussi près que le papier moyen des vôtres</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 % of the picture is nearly its colour already</source>
        <translation>%1 % du tableau a déjà presque sa couleur</translation>
    </message>
    <message>
        <source>complement of %1 % of the picture: it glints between the strokes</source>
        <translation>complémentaire de %1 % du tableau&#xa0;: il miroite entre les traits</translation>
    </message>
    <message>
        <source>its tooth lasts: what is filled most is %1 % full at the end</source>
        <translation>son grain dure&#xa0;: le plus rempli est à %1 % à la fin</translation>
    </message>
    <message>
        <source>its tooth runs short: what is filled most is %1 % full at the end</source>
        <translation>son grain s&apos;épuise&#xa0;: le plus rempli est à %1 % à la fin</translation>
    </message>
    <message>
        <source>takes a wash</source>
        <translation>supporte un lavis</translation>
    </message>
    <message>
        <source>takes a thin wash; much water cockles it</source>
        <translation>supporte un lavis fin&#xa0;; beaucoup d&apos;eau le fait gondoler</translation>
    </message>
    <message>
        <source>takes no water: a dry underpainting only</source>
        <translation>ne supporte pas l&apos;eau&#xa0;: sous-couche sèche seulement</translation>
    </message>
    <message>
        <source>leaves %1 ΔE00, more than half of your papers do (%2)</source>
        <translation>laisse %1 ΔE00, plus que la moitié de vos papiers (%2)</translation>
    </message>
    <message>
        <source>its other side scores %1 points more</source>
        <translation>son autre face a %1 points de plus</translation>
    </message>
    <message>
        <source>its other side scores %1 points less</source>
        <translation>son autre face a %1 points de moins</translation>
    </message>
    <message>
        <source>its sheets of %1 × %2 mm are too small for the picture with its border</source>
        <translation>ses feuilles de %1 × %2 mm sont trop petites pour le tableau avec son bord</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>Water spoils %1: choose a paper that takes it, or a dry ground.</source>
        <translation>L&apos;eau gâte %1&#xa0;: choisissez un papier qui la supporte, ou un fond sec.</translation>
    </message>
    <message>
        <source>Alcohol mats the pile of %1: rub the base in dry.</source>
        <translation>L&apos;alcool feutre le duvet de %1&#xa0;: frottez la base à sec.</translation>
    </message>
    <message>
        <source>There is no paint in the tray: add watercolour, gouache or acrylic under Materials.</source>
        <translation>Il n&apos;y a pas de couleur dans le plateau&#xa0;: ajoutez aquarelle, gouache ou acrylique à Matériel.</translation>
    </message>
    <message>
        <source>There is no ink in the tray: add one under Materials.</source>
        <translation>Il n&apos;y a pas d&apos;encre dans le plateau&#xa0;: ajoutez-en à Matériel.</translation>
    </message>
    <message>
        <source>There is no charcoal in the tray: add some under Materials.</source>
        <translation>Il n&apos;y a pas de fusain dans le plateau&#xa0;: ajoutez-en à Matériel.</translation>
    </message>
    <message>
        <source>There is no stick in the tray to rub in: add soft or hard ones under Materials.</source>
        <translation>Il n&apos;y a pas de bâton à frotter dans le plateau&#xa0;: ajoutez-en de tendres ou de durs à Matériel.</translation>
    </message>
    <message>
        <source>Nothing here is darker than soft pastel gets: ink has no work to do.</source>
        <translation>Rien ici n&apos;est plus sombre que le pastel tendre&#xa0;: l&apos;encre n&apos;a rien à faire.</translation>
    </message>
    <message>
        <source>%1 hardly shows on %2 (%3): take an opaque paint there.</source>
        <translation>%1 se voit à peine sur %2 (%3)&#xa0;: prenez-y une couleur opaque.</translation>
    </message>
    <message>
        <source>%1 laid so fills %2 % of the tooth of %3: thin it.</source>
        <translation>%1 ainsi posé remplit %2 % du grain de %3&#xa0;: diluez.</translation>
    </message>
    <message>
        <source>So much water cockles %1: lay it thinner, or stretch the sheet.</source>
        <translation>Tant d&apos;eau fait gondoler %1&#xa0;: posez plus fin, ou tendez la feuille.</translation>
    </message>
    <message>
        <source>%1 takes no water: %2 mats its surface.</source>
        <translation>%1 ne supporte pas l&apos;eau&#xa0;: %2 en feutre la surface.</translation>
    </message>
    <message>
        <source>Alcohol and a heat gun never go together: let it dry in the air, with the window open and no flame near. Follow the label and the safety data sheet.</source>
        <translation>Alcool et pistolet chauffant ne vont jamais ensemble&#xa0;: laissez sécher à l&apos;air, fenêtre ouverte et sans flamme auprès. Suivez l&apos;étiquette et la fiche de données de sécurité.</translation>
    </message>
    <message>
        <source>Keep the heat gun moving: it scorches paper and skin.</source>
        <translation>Gardez le pistolet chauffant en mouvement&#xa0;: il roussit papier et peau.</translation>
    </message>
    <message>
        <source>No ground of this kind brings the sheet nearer.</source>
        <translation>Aucun fond de ce genre ne rapproche la feuille.</translation>
    </message>
    <message numerus="yes">
        <source>As near as the bare sheet (%1) with %2 of %n layers less, for %3 of its own; with all of its layers %4.</source>
        <translation>
            <numerusform>Aussi près que la feuille nue (%1) avec %2 couche sur %n de moins, pour %3 à lui&#xa0;; avec toutes ses couches %4.</numerusform>
            <numerusform>Aussi près que la feuille nue (%1) avec %2 couches sur %n de moins, pour %3 à lui&#xa0;; avec toutes ses couches %4.</numerusform>
        </translation>
    </message>
    <message>
        <source>It gains nothing: the sheet ends at %1, bare at %2.</source>
        <translation>Cela ne gagne rien&#xa0;: la feuille finit à %1, nue à %2.</translation>
    </message>
    <message numerus="yes">
        <source>It gains nothing: it saves %n layers and costs %1.</source>
        <translation>
            <numerusform>Cela ne gagne rien&#xa0;: il épargne %n couche et en coûte %1.</numerusform>
            <numerusform>Cela ne gagne rien&#xa0;: il épargne %n couches et en coûte %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>alcohol</source>
        <translation>alcool</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>doigt</translation>
    </message>
    <message numerus="yes">
        <source>%n parts %1</source>
        <translation>
            <numerusform>%n part de %1</numerusform>
            <numerusform>%n parts de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>a thin wash</source>
        <translation>un lavis fin</translation>
    </message>
    <message>
        <source>a wash</source>
        <translation>un lavis</translation>
    </message>
    <message>
        <source>a strong wash</source>
        <translation>un lavis fort</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message numerus="yes">
        <source>A sheet of %1 gives %n pieces of %2.</source>
        <translation>
            <numerusform>Une feuille de %1 donne %n morceau de %2.</numerusform>
            <numerusform>Une feuille de %1 donne %n morceaux de %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tape covers %1 mm on each side.</source>
        <translation>L&apos;adhésif couvre %1 mm de chaque côté.</translation>
    </message>
    <message>
        <source>Its fibres run across the picture from side to side: wet, it swells from top to bottom.</source>
        <translation>Ses fibres vont d&apos;un côté à l&apos;autre du tableau&#xa0;: mouillée, elle gonfle de haut en bas.</translation>
    </message>
    <message>
        <source>Its fibres run from top to bottom of the picture: wet, it swells from side to side.</source>
        <translation>Ses fibres vont de haut en bas du tableau&#xa0;: mouillée, elle gonfle d&apos;un côté à l&apos;autre.</translation>
    </message>
    <message numerus="yes">
        <source>The %1 pictures of the series need %n sheets, all cut the same way.</source>
        <translation>
            <numerusform>Les %1 tableaux de la série demandent %n feuille, toute coupée de même.</numerusform>
            <numerusform>Les %1 tableaux de la série demandent %n feuilles, toutes coupées de même.</numerusform>
        </translation>
    </message>
    <message>
        <source>Sheets at hand: %1, not enough.</source>
        <translation>Feuilles disponibles&#xa0;: %1, pas assez.</translation>
    </message>
    <message>
        <source>Sheets at hand: %1.</source>
        <translation>Feuilles disponibles&#xa0;: %1.</translation>
    </message>
    <message>
        <source>A strip of %1 is left for offcuts.</source>
        <translation>Une bande de %1 reste pour les chutes.</translation>
    </message>
    <message>
        <source>%1 to %2 min</source>
        <translation>%1 à %2 min</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n étape</numerusform>
            <numerusform>%n étapes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layers</source>
        <translation>
            <numerusform>%n couche</numerusform>
            <numerusform>%n couches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sticks</source>
        <translation>
            <numerusform>%n bâton</numerusform>
            <numerusform>%n bâtons</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things</source>
        <translation>
            <numerusform>%n chose</numerusform>
            <numerusform>%n choses</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n trays</source>
        <translation>
            <numerusform>%n plateau</numerusform>
            <numerusform>%n plateaux</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n evenings</source>
        <translation>
            <numerusform>%n soirée</numerusform>
            <numerusform>%n soirées</numerusform>
        </translation>
    </message>
    <message>
        <source>It is %1, value %2, chroma %3; its colour was %4 and may be off by %5.</source>
        <translation>Couleur&#xa0;: %1, valeur %2, chroma %3&#xa0;; elle a été %4 et peut s&apos;écarter de %5.</translation>
    </message>
    <message>
        <source>It is %1, value %2, chroma %3; its colour was %4.</source>
        <translation>Couleur&#xa0;: %1, valeur %2, chroma %3&#xa0;; elle a été %4.</translation>
    </message>
    <message>
        <source>sanded 400</source>
        <translation>poncé 400</translation>
    </message>
    <message>
        <source>sanded 600</source>
        <translation>poncé 600</translation>
    </message>
    <message>
        <source>microfibre card</source>
        <translation>carton microfibre</translation>
    </message>
    <message>
        <source>velour</source>
        <translation>velours</translation>
    </message>
    <message>
        <source>honeycomb, rough side</source>
        <translation>nid d&apos;abeille, côté rugueux</translation>
    </message>
    <message>
        <source>honeycomb, smooth side</source>
        <translation>nid d&apos;abeille, côté lisse</translation>
    </message>
    <message>
        <source>laid</source>
        <translation>posé</translation>
    </message>
    <message>
        <source>cartridge</source>
        <translation>papier dessin</translation>
    </message>
    <message>
        <source>no water</source>
        <translation>pas d&apos;eau</translation>
    </message>
    <message>
        <source>water</source>
        <translation>eau</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>inconnu</translation>
    </message>
    <message>
        <source>along the width</source>
        <translation>selon la largeur</translation>
    </message>
    <message>
        <source>along the height</source>
        <translation>selon la hauteur</translation>
    </message>
    <message>
        <source>full</source>
        <translation>plein</translation>
    </message>
    <message>
        <source>half</source>
        <translation>moitié</translation>
    </message>
    <message>
        <source>a stub</source>
        <translation>un bout</translation>
    </message>
    <message>
        <source>used up</source>
        <translation>épuisé</translation>
    </message>
    <message>
        <source>stump</source>
        <translation>estompe</translation>
    </message>
    <message>
        <source>rubber shaper</source>
        <translation>embout caoutchouc</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>éponge</translation>
    </message>
    <message>
        <source>soft brush</source>
        <translation>pinceau doux</translation>
    </message>
    <message>
        <source>plastic knife</source>
        <translation>couteau en plastique</translation>
    </message>
    <message>
        <source>putty eraser</source>
        <translation>gomme mie de pain</translation>
    </message>
    <message>
        <source>fixative</source>
        <translation>fixatif</translation>
    </message>
    <message>
        <source>glassine</source>
        <translation>papier cristal</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>adhésif</translation>
    </message>
    <message>
        <source>sandpaper</source>
        <translation>papier de verre</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>outil</translation>
    </message>
    <message>
        <source>taken from a list</source>
        <translation>prise d&apos;une liste</translation>
    </message>
    <message>
        <source>typed in</source>
        <translation>saisie</translation>
    </message>
    <message>
        <source>picked from a photograph</source>
        <translation>prélevée sur une photo</translation>
    </message>
    <message>
        <source>read off a swatch card</source>
        <translation>lue sur un nuancier</translation>
    </message>
    <message>
        <source>measured by a colour reader</source>
        <translation>mesurée par un lecteur de couleur</translation>
    </message>
    <message>
        <source>id</source>
        <translation>identifiant</translation>
    </message>
    <message>
        <source>number on the label</source>
        <translation>numéro sur l&apos;étiquette</translation>
    </message>
    <message>
        <source>colour (#rrggbb)</source>
        <translation>couleur (#rrggbb)</translation>
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
        <translation>pouvoir couvrant</translation>
    </message>
    <message>
        <source>calls for care</source>
        <translation>demande précaution</translation>
    </message>
    <message>
        <source>takes water</source>
        <translation>supporte l&apos;eau</translation>
    </message>
    <message>
        <source>what is left</source>
        <translation>ce qui reste</translation>
    </message>
    <message>
        <source>slot in the box</source>
        <translation>case de la boîte</translation>
    </message>
    <message>
        <source>where its colour is from</source>
        <translation>d&apos;où vient sa couleur</translation>
    </message>
    <message>
        <source>A %1.</source>
        <translation>Genre&#xa0;: %1.</translation>
    </message>
    <message>
        <source>A %1 by %2.</source>
        <translation>Genre&#xa0;: %1, de %2.</translation>
    </message>
    <message>
        <source>Number %1 on the label.</source>
        <translation>Numéro %1 sur l&apos;étiquette.</translation>
    </message>
    <message>
        <source>Pigments: %1.</source>
        <translation>Pigments&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Lightfastness: %1.</source>
        <translation>Solidité à la lumière&#xa0;: %1.</translation>
    </message>
    <message>
        <source>It hides %1 times as well as is usual for its kind, give or take %2 %.</source>
        <translation>Il couvre %1 fois comme c&apos;est l&apos;usage de son genre, à %2 % près.</translation>
    </message>
    <message>
        <source>It hides %1 times as well as is usual for its kind.</source>
        <translation>Il couvre %1 fois comme c&apos;est l&apos;usage de son genre.</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papier</translation>
    </message>
    <message>
        <source>Surface: %1; its tooth holds about %2 full layers. %3</source>
        <translation>Surface&#xa0;: %1&#xa0;; son grain tient environ %2 couches pleines. %3</translation>
    </message>
    <message>
        <source>It takes %1.</source>
        <translation>Supporte&#xa0;: %1.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>If it is missing, the nearest is %1: %2.</source>
        <translation>S&apos;il manque, le plus proche est %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Or %1, then %2: %3.</source>
        <translation>Ou %1, puis %2&#xa0;: %3.</translation>
    </message>
    <message>
        <source>%1 %2 at %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 (%2), value %3</source>
        <translation>%1 (%2), valeur %3</translation>
    </message>
    <message>
        <source>The strong black is %1.</source>
        <translation>Le noir fort est %1.</translation>
    </message>
    <message>
        <source>The strong white, brilliant for crisp lights, is %1.</source>
        <translation>Le blanc fort, brillant pour les lumières nettes, est %1.</translation>
    </message>
    <message>
        <source>The strong white is %1.</source>
        <translation>Le blanc fort est %1.</translation>
    </message>
    <message>
        <source>The chalky white, soft for blending and subdued lights, is %1.</source>
        <translation>Le blanc crayeux, tendre pour estomper et pour les lumières douces, est %1.</translation>
    </message>
    <message>
        <source>Its pigment holds %1. Wear gloves, make no dust, and follow the label and the safety data sheet.</source>
        <translation>Son pigment contient %1. Portez des gants, pas de poussière, et suivez l&apos;étiquette et la fiche de données de sécurité.</translation>
    </message>
    <message>
        <source>Fixative is flammable: outdoors or with strong ventilation, and no flame. Follow its label.</source>
        <translation>Le fixatif est inflammable&#xa0;: dehors ou avec une forte aération, et sans flamme. Suivez son étiquette.</translation>
    </message>
    <message>
        <source>light</source>
        <translation>léger</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>moyen</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>fort</translation>
    </message>
    <message>
        <source>%1 pressure</source>
        <translation>pression&#xa0;: %1</translation>
    </message>
    <message>
        <source>mostly %1 pressure</source>
        <translation>pression&#xa0;: surtout %1</translation>
    </message>
    <message>
        <source>mostly %1, some %2 pressure</source>
        <translation>pression&#xa0;: surtout %1, par endroits %2</translation>
    </message>
    <message>
        <source>Alcohol</source>
        <translation>Alcool</translation>
    </message>
    <message>
        <source>the whole sheet, in a few lines</source>
        <translation>toute la feuille, en quelques lignes</translation>
    </message>
    <message>
        <source>along your arrow</source>
        <translation>selon votre flèche</translation>
    </message>
    <message>
        <source>along the form</source>
        <translation>selon la forme</translation>
    </message>
    <message>
        <source>Place everything before colour hides the paper; measure once more.</source>
        <translation>Placez tout avant que la couleur cache le papier&#xa0;; mesurez encore une fois.</translation>
    </message>
    <message>
        <source>Brush what lies loose out with a soft wet brush, and do not go back into it.</source>
        <translation>Étendez ce qui est libre d&apos;un pinceau doux et mouillé, et n&apos;y revenez pas.</translation>
    </message>
    <message>
        <source>A thin pass from far enough, moving all the time; let it dry fully.</source>
        <translation>Une passe fine d&apos;assez loin, toujours en mouvement&#xa0;; laissez bien sécher.</translation>
    </message>
    <message>
        <source>The side of the stick, drawn over the peaks: what lies below shows between.</source>
        <translation>Le côté du bâton, passé sur les pointes&#xa0;: ce qui est dessous paraît entre.</translation>
    </message>
    <message>
        <source>Lines that stay apart: the eye mixes them.</source>
        <translation>Des lignes qui restent séparées&#xa0;: l&apos;œil les mêle.</translation>
    </message>
    <message>
        <source>Pressed in, flat and covering; it spends the tooth.</source>
        <translation>Écrasé, plat et couvrant&#xa0;; cela use le grain.</translation>
    </message>
    <message>
        <source>Set down and lifted: thick, small, once.</source>
        <translation>Posé et relevé&#xa0;: épais, petit, une fois.</translation>
    </message>
    <message>
        <source>Rub light areas before dark ones, and clean the tip between.</source>
        <translation>Frottez les zones claires avant les sombres, et nettoyez la pointe entre deux.</translation>
    </message>
    <message>
        <source>Thin and even; judge it when it is dry.</source>
        <translation>Fin et égal&#xa0;; jugez-le sec.</translation>
    </message>
    <message>
        <source>Dab it off; do not rub.</source>
        <translation>Enlevez en tamponnant&#xa0;; ne frottez pas.</translation>
    </message>
    <message>
        <source>Both together, while the mixture is known.</source>
        <translation>Les deux ensemble, tant qu&apos;on a le mélange en tête.</translation>
    </message>
    <message>
        <source>small places, to 20 cm²</source>
        <translation>petits endroits, jusqu&apos;à 20 cm²</translation>
    </message>
    <message>
        <source>middling, to 100 cm²</source>
        <translation>moyens, jusqu&apos;à 100 cm²</translation>
    </message>
    <message>
        <source>large, over 100 cm²</source>
        <translation>grands, plus de 100 cm²</translation>
    </message>
    <message>
        <source>%1 cm²</source>
        <translation>%1 cm²</translation>
    </message>
    <message>
        <source>Flammable: outdoors or with strong ventilation, no flame, and no heat gun until the solvent is gone; follow the label and the safety data sheet.</source>
        <translation>Inflammable&#xa0;: dehors ou avec une forte aération, sans flamme, et pas de pistolet chauffant avant que le solvant soit parti&#xa0;; suivez l&apos;étiquette et la fiche de données de sécurité.</translation>
    </message>
    <message>
        <source>Toxic pigment (%1): gloves, no dust, no eating; follow the label and the safety data sheet.</source>
        <translation>Pigment toxique (%1)&#xa0;: gants, pas de poussière, ne pas manger&#xa0;; suivez l&apos;étiquette et la fiche de données de sécurité.</translation>
    </message>
    <message>
        <source>Dust: work upright, tap it off into a bin or a damp tray, never blow.</source>
        <translation>Poussière&#xa0;: travaillez debout la feuille droite, tapotez-la dans une poubelle ou un bac humide, ne soufflez jamais.</translation>
    </message>
    <message>
        <source>Sharpen away from the hand; a mask where you sand the point.</source>
        <translation>Taillez en vous éloignant de la main&#xa0;; un masque où vous poncez la pointe.</translation>
    </message>
    <message>
        <source>The fixed sheet</source>
        <translation>La feuille fixée</translation>
    </message>
    <message>
        <source>Step %1, %2</source>
        <translation>Étape %1, %2</translation>
    </message>
    <message>
        <source>%1: wet, %2 yet</source>
        <translation>%1&#xa0;: mouillé, encore %2</translation>
    </message>
    <message>
        <source>%1: may be dry, %2 yet at most</source>
        <translation>%1&#xa0;: peut-être sec, encore %2 au plus</translation>
    </message>
    <message>
        <source>%1: dry</source>
        <translation>%1&#xa0;: sec</translation>
    </message>
    <message>
        <source>No heat, no flame: let the solvent go by itself, with the window open.</source>
        <translation>Pas de chaleur, pas de flamme&#xa0;: laissez le solvant partir seul, fenêtre ouverte.</translation>
    </message>
    <message>
        <source>In air %1; with a hair dryer %2, with a heat gun kept moving %3. It is dry when it is no longer cold to the back of a finger.</source>
        <translation>À l&apos;air %1&#xa0;; au sèche-cheveux %2, au pistolet chauffant en mouvement %3. C&apos;est sec quand ce n&apos;est plus froid au dos du doigt.</translation>
    </message>
    <message>
        <source>laid lighter than planned</source>
        <translation>posé plus léger que prévu</translation>
    </message>
    <message>
        <source>laid heavier than planned</source>
        <translation>posé plus fort que prévu</translation>
    </message>
    <message>
        <source>too wet</source>
        <translation>trop mouillé</translation>
    </message>
    <message>
        <source>slid off</source>
        <translation>a glissé</translation>
    </message>
    <message>
        <source>lovely</source>
        <translation>très beau</translation>
    </message>
    <message>
        <source>too dark</source>
        <translation>trop sombre</translation>
    </message>
    <message>
        <source>too light</source>
        <translation>trop clair</translation>
    </message>
    <message>
        <source>too warm</source>
        <translation>trop chaud</translation>
    </message>
    <message>
        <source>too cool</source>
        <translation>trop froid</translation>
    </message>
    <message>
        <source>muddy</source>
        <translation>boueux</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>commencé</translation>
    </message>
    <message>
        <source>passed over</source>
        <translation>passé</translation>
    </message>
    <message>
        <source>another stick</source>
        <translation>autre bâton</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>pression</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>repris</translation>
    </message>
    <message>
        <source>pause</source>
        <translation>pause</translation>
    </message>
    <message>
        <source>went on</source>
        <translation>continué</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>sec</translation>
    </message>
    <message>
        <source>note</source>
        <translation>note</translation>
    </message>
    <message>
        <source>photograph</source>
        <translation>photo</translation>
    </message>
    <message>
        <source>plan changed</source>
        <translation>plan changé</translation>
    </message>
    <message>
        <source>finishing</source>
        <translation>finition</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fixé</translation>
    </message>
    <message>
        <source>stock</source>
        <translation>réserve</translation>
    </message>
    <message>
        <source>checked</source>
        <translation>contrôlé</translation>
    </message>
    <message>
        <source>Tape off</source>
        <translation>Ôter l&apos;adhésif</translation>
    </message>
    <message>
        <source>Soften the edge</source>
        <translation>Adoucir le bord</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Signer</translation>
    </message>
    <message>
        <source>Glassine</source>
        <translation>Papier cristal</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Cadre</translation>
    </message>
    <message>
        <source>Store safely</source>
        <translation>Ranger à l&apos;abri</translation>
    </message>
    <message>
        <source>Pull the tape off slowly, flat back over itself and away from the picture.</source>
        <translation>Ôtez l&apos;adhésif lentement, rabattu sur lui-même et en s&apos;éloignant du tableau.</translation>
    </message>
    <message>
        <source>Soften the hard edge that the tape has left with a clean finger.</source>
        <translation>Adoucissez d&apos;un doigt propre le bord dur que l&apos;adhésif a laissé.</translation>
    </message>
    <message>
        <source>Sign with a soft stick: a pencil will not bite.</source>
        <translation>Signez au bâton tendre&#xa0;: un crayon ne mordra pas.</translation>
    </message>
    <message>
        <source>Lay glassine over it, shiny side down, and do not rub.</source>
        <translation>Posez du papier cristal dessus, côté brillant en dessous, et ne frottez pas.</translation>
    </message>
    <message>
        <source>Frame it with a spacer, so that the glass does not touch it.</source>
        <translation>Encadrez avec une entretoise, pour que le verre ne touche pas.</translation>
    </message>
    <message>
        <source>Keep it flat and dry, out of the sun, away from children and pets; wipe the place wet, no dry sweeping.</source>
        <translation>Gardez-le à plat et au sec, hors du soleil, loin des enfants et des animaux&#xa0;; nettoyez la place au mouillé, sans balayer à sec.</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Étape %1</translation>
    </message>
    <message>
        <source>%1 begun</source>
        <translation>%1 commencée</translation>
    </message>
    <message>
        <source>%1 laid: %2; %3</source>
        <translation>%1 posée&#xa0;: %2&#xa0;; %3</translation>
    </message>
    <message>
        <source>%1 passed over</source>
        <translation>%1 passée</translation>
    </message>
    <message>
        <source>%1: %2 taken instead</source>
        <translation>%1&#xa0;: %2 pris à la place</translation>
    </message>
    <message>
        <source>%1 laid as planned after all</source>
        <translation>%1 posée finalement comme prévu</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Taken back: %1</source>
        <translation>Repris&#xa0;: %1</translation>
    </message>
    <message>
        <source>Taken back</source>
        <translation>Repris</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Went on</source>
        <translation>Continué</translation>
    </message>
    <message>
        <source>%1 is dry</source>
        <translation>%1 est sèche</translation>
    </message>
    <message>
        <source>The fixed sheet is dry</source>
        <translation>La feuille fixée est sèche</translation>
    </message>
    <message>
        <source>Note: &quot;%1&quot;</source>
        <translation>Note&#xa0;: «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Photo</translation>
    </message>
    <message>
        <source>What is left was planned anew, since the study was changed</source>
        <translation>Le reste a été replanifié, l&apos;étude ayant changé</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1&#xa0;: fait</translation>
    </message>
    <message>
        <source>Fixative over the whole sheet</source>
        <translation>Fixatif sur toute la feuille</translation>
    </message>
    <message>
        <source>What the sticks had lost was taken into the drawer</source>
        <translation>Ce que les bâtons ont perdu a été reporté au tiroir</translation>
    </message>
    <message>
        <source>Photograph checked</source>
        <translation>Photo contrôlée</translation>
    </message>
    <message numerus="yes">
        <source>Photograph checked, %n corrections taken</source>
        <translation>
            <numerusform>Photo contrôlée, %n correction reprise</numerusform>
            <numerusform>Photo contrôlée, %n corrections reprises</numerusform>
        </translation>
    </message>
    <message>
        <source>It goes no earlier than after step %1: %2.</source>
        <translation>Elle ne va pas plus tôt qu&apos;après l&apos;étape %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>It goes no later than before step %1: %2.</source>
        <translation>Elle ne va pas plus tard qu&apos;avant l&apos;étape %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>The drawing is always first: it places everything before colour hides the paper.</source>
        <translation>Le dessin est toujours premier&#xa0;: il place tout avant que la couleur cache le papier.</translation>
    </message>
    <message>
        <source>The ground is laid before all else: every layer stands on it.</source>
        <translation>Le fond se pose avant tout le reste&#xa0;: chaque couche est sur lui.</translation>
    </message>
    <message>
        <source>upper left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>top</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>upper right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>au centre</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>lower left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>en bas</translation>
    </message>
    <message>
        <source>lower right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>beige</source>
        <translation>beige</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>brun</translation>
    </message>
    <message>
        <source>ochre</source>
        <translation>ocre</translation>
    </message>
    <message>
        <source>olive brown</source>
        <translation>brun olive</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>jaune</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>rose</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rouge</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>orange</translation>
    </message>
    <message>
        <source>yellow-green</source>
        <translation>vert-jaune</translation>
    </message>
    <message>
        <source>green</source>
        <translation>vert</translation>
    </message>
    <message>
        <source>blue-green</source>
        <translation>bleu-vert</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>bleu</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violet</translation>
    </message>
    <message>
        <source>near black</source>
        <translation>presque noir</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanc</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>gris</translation>
    </message>
    <message>
        <source>warm grey</source>
        <translation>gris chaud</translation>
    </message>
    <message>
        <source>cool grey</source>
        <translation>gris froid</translation>
    </message>
    <message>
        <source>near black %1</source>
        <translation>%1 presque noir</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>et %n de plus</numerusform>
            <numerusform>et %n de plus</numerusform>
        </translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>dessin</translation>
    </message>
    <message>
        <source>underpainting</source>
        <translation>sous-couche</translation>
    </message>
    <message>
        <source>block-in</source>
        <translation>mise en place</translation>
    </message>
    <message>
        <source>build</source>
        <translation>montée</translation>
    </message>
    <message>
        <source>refine</source>
        <translation>affinage</translation>
    </message>
    <message>
        <source>accents</source>
        <translation>accents</translation>
    </message>
    <message>
        <source>scumble</source>
        <translation>frottis</translation>
    </message>
    <message>
        <source>hatch</source>
        <translation>hachure</translation>
    </message>
    <message>
        <source>press in</source>
        <translation>écrasé</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>estompe</translation>
    </message>
    <message>
        <source>dab</source>
        <translation>touche</translation>
    </message>
    <message>
        <source>wash</source>
        <translation>lavis</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>fixage</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>retrait</translation>
    </message>
    <message>
        <source>scumbled</source>
        <translation>en frottis</translation>
    </message>
    <message>
        <source>hatched</source>
        <translation>hachuré</translation>
    </message>
    <message>
        <source>pressed in</source>
        <translation>écrasé</translation>
    </message>
    <message>
        <source>blended</source>
        <translation>estompé</translation>
    </message>
    <message>
        <source>dabbed</source>
        <translation>par touches</translation>
    </message>
    <message>
        <source>washed</source>
        <translation>en lavis</translation>
    </message>
    <message>
        <source>lifted</source>
        <translation>retiré</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>no pressure</source>
        <translation>aucune pression</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>très léger</translation>
    </message>
    <message>
        <source>the lightest pressure</source>
        <translation>pression très légère</translation>
    </message>
    <message>
        <source>light pressure</source>
        <translation>pression légère</translation>
    </message>
    <message>
        <source>light to medium</source>
        <translation>léger à moyen</translation>
    </message>
    <message>
        <source>light to medium pressure</source>
        <translation>pression légère à moyenne</translation>
    </message>
    <message>
        <source>medium pressure</source>
        <translation>pression moyenne</translation>
    </message>
    <message>
        <source>medium to heavy</source>
        <translation>moyen à fort</translation>
    </message>
    <message>
        <source>medium to heavy pressure</source>
        <translation>pression moyenne à forte</translation>
    </message>
    <message>
        <source>heavy pressure</source>
        <translation>pression forte</translation>
    </message>
    <message>
        <source>soft stick</source>
        <translation>bâton tendre</translation>
    </message>
    <message>
        <source>hard stick</source>
        <translation>bâton dur</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>crayon</translation>
    </message>
    <message>
        <source>pan</source>
        <translation>godet</translation>
    </message>
    <message>
        <source>charcoal</source>
        <translation>fusain</translation>
    </message>
    <message>
        <source>watercolour</source>
        <translation>aquarelle</translation>
    </message>
    <message>
        <source>gouache</source>
        <translation>gouache</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>acrylique</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>encre</translation>
    </message>
    <message>
        <source>any pencil</source>
        <translation>un crayon quelconque</translation>
    </message>
    <message>
        <source>daylight</source>
        <translation>lumière du jour</translation>
    </message>
    <message>
        <source>warm daylight</source>
        <translation>lumière du jour chaude</translation>
    </message>
    <message>
        <source>lamp light</source>
        <translation>lumière de lampe</translation>
    </message>
    <message>
        <source>LED light</source>
        <translation>lumière LED</translation>
    </message>
    <message>
        <source>a touch</source>
        <translation>une pointe</translation>
    </message>
    <message>
        <source>half a step</source>
        <translation>un demi-degré</translation>
    </message>
    <message>
        <source>a step</source>
        <translation>un degré</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 degrés</translation>
    </message>
    <message>
        <source>%1 too light</source>
        <translation>%1 trop clair</translation>
    </message>
    <message>
        <source>%1 too dark</source>
        <translation>%1 trop sombre</translation>
    </message>
    <message>
        <source>a little</source>
        <translation>un peu</translation>
    </message>
    <message>
        <source>clearly</source>
        <translation>nettement</translation>
    </message>
    <message>
        <source>%1 too vivid</source>
        <translation>%1 trop vif</translation>
    </message>
    <message>
        <source>%1 too grey</source>
        <translation>%1 trop gris</translation>
    </message>
    <message>
        <source>%1 too warm</source>
        <translation>%1 trop chaud</translation>
    </message>
    <message>
        <source>%1 too cool</source>
        <translation>%1 trop froid</translation>
    </message>
    <message>
        <source>matches</source>
        <translation>concorde</translation>
    </message>
    <message>
        <source>as near as the eye can tell from the easel</source>
        <translation>aussi proche que l&apos;œil distingue du chevalet</translation>
    </message>
    <message>
        <source>hardly apart from the easel</source>
        <translation>à peine différente du chevalet</translation>
    </message>
    <message>
        <source>a little apart</source>
        <translation>un peu différente</translation>
    </message>
    <message>
        <source>clearly apart</source>
        <translation>nettement différente</translation>
    </message>
    <message>
        <source>far apart</source>
        <translation>très différente</translation>
    </message>
    <message>
        <source>%1 (%2), %3 in %4 (%5)</source>
        <translation>%1 (%2), %3 dans %4 (%5)</translation>
    </message>
    <message>
        <source>Let it run out, ever thinner, into %1.</source>
        <translation>Laissez-la mourir, toujours plus fine, dans %1.</translation>
    </message>
    <message>
        <source>light on %1 %</source>
        <translation>léger sur %1 %</translation>
    </message>
    <message>
        <source>medium on %1 %</source>
        <translation>moyen sur %1 %</translation>
    </message>
    <message>
        <source>heavy on %1 %</source>
        <translation>fort sur %1 %</translation>
    </message>
    <message>
        <source>only touches</source>
        <translation>effleure seulement</translation>
    </message>
    <message>
        <source>Suggest it</source>
        <translation>Suggérer</translation>
    </message>
    <message>
        <source>Usual marks</source>
        <translation>Marques usuelles</translation>
    </message>
    <message>
        <source>Fine marks</source>
        <translation>Marques fines</translation>
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
        <translation>Tous ceux qui servent</translation>
    </message>
    <message>
        <source>Earths and one blue</source>
        <translation>Terres et un bleu</translation>
    </message>
    <message>
        <source>Earths alone</source>
        <translation>Terres seules</translation>
    </message>
    <message>
        <source>A yellow, a red, a blue</source>
        <translation>Un jaune, un rouge, un bleu</translation>
    </message>
    <message>
        <source>Black, white and greys</source>
        <translation>Noir, blanc et gris</translation>
    </message>
    <message>
        <source>Greys</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Earths</source>
        <translation>Terres</translation>
    </message>
    <message>
        <source>Yellows, oranges</source>
        <translation>Jaunes, orangés</translation>
    </message>
    <message>
        <source>Reds</source>
        <translation>Rouges</translation>
    </message>
    <message>
        <source>Violets</source>
        <translation>Violets</translation>
    </message>
    <message>
        <source>Blues</source>
        <translation>Bleus</translation>
    </message>
    <message>
        <source>Greens</source>
        <translation>Verts</translation>
    </message>
    <message>
        <source>One stick is its dark, medium and light: %1.</source>
        <translation>Un seul bâton est son sombre, son moyen et son clair&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Its dark and medium: %1; its light: %2.</source>
        <translation>Son sombre et son moyen&#xa0;: %1&#xa0;; son clair&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Its dark: %1; its medium and light: %2.</source>
        <translation>Son sombre&#xa0;: %1&#xa0;; son moyen et son clair&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Its dark: %1; its medium: %2; its light: %3.</source>
        <translation>Son sombre&#xa0;: %1&#xa0;; son moyen&#xa0;: %2&#xa0;; son clair&#xa0;: %3.</translation>
    </message>
    <message>
        <source>Lighter of two</source>
        <translation>Le plus clair des deux</translation>
    </message>
    <message>
        <source>Value apart from hue: the eye takes what is vivid for light.</source>
        <translation>La valeur sans la teinte&#xa0;: l&apos;œil prend le vif pour le clair.</translation>
    </message>
    <message>
        <source>Which is lighter?</source>
        <translation>Lequel est plus clair&#xa0;?</translation>
    </message>
    <message>
        <source>Lighter, on two grounds</source>
        <translation>Plus clair, sur deux fonds</translation>
    </message>
    <message>
        <source>A dark ground makes what lies on it look lighter, a light one darker. Squint.</source>
        <translation>Un fond sombre fait paraître plus clair ce qui est dessus, un clair plus sombre. Plissez les yeux.</translation>
    </message>
    <message>
        <source>Which is lighter, whatever it lies on?</source>
        <translation>Lequel est plus clair, quel que soit son fond&#xa0;?</translation>
    </message>
    <message>
        <source>Value of a colour</source>
        <translation>Valeur d&apos;une couleur</translation>
    </message>
    <message>
        <source>Where a colour stands among the greys. Vivid ones deceive most.</source>
        <translation>Où se place une couleur parmi les gris. Les vives trompent le plus.</translation>
    </message>
    <message>
        <source>Which grey is as light as the colour above?</source>
        <translation>Quel gris est aussi clair que la couleur au-dessus&#xa0;?</translation>
    </message>
    <message>
        <source>Order of values</source>
        <translation>Ordre des valeurs</translation>
    </message>
    <message>
        <source>A row from light to dark, in which two neighbours have changed places.</source>
        <translation>Une rangée du clair au sombre, où deux voisins ont changé de place.</translation>
    </message>
    <message>
        <source>Where is the row from light to dark out of order?</source>
        <translation>Où la rangée du clair au sombre est-elle rompue&#xa0;?</translation>
    </message>
    <message>
        <source>Warmer of two</source>
        <translation>Le plus chaud des deux</translation>
    </message>
    <message>
        <source>Towards orange or away from it, at the same value.</source>
        <translation>Vers l&apos;orange ou loin de lui, à même valeur.</translation>
    </message>
    <message>
        <source>Which is warmer?</source>
        <translation>Lequel est plus chaud&#xa0;?</translation>
    </message>
    <message>
        <source>Duller of two</source>
        <translation>Le plus terne des deux</translation>
    </message>
    <message>
        <source>Nearer to grey or farther, at the same value and hue.</source>
        <translation>Plus près du gris ou plus loin, à même valeur et teinte.</translation>
    </message>
    <message>
        <source>Which is duller?</source>
        <translation>Lequel est plus terne&#xa0;?</translation>
    </message>
    <message>
        <source>Nearest stick</source>
        <translation>Bâton le plus proche</translation>
    </message>
    <message>
        <source>What you reach for: one of your sticks for a colour of the subject.</source>
        <translation>Ce que vous prenez&#xa0;: un de vos bâtons pour une couleur du sujet.</translation>
    </message>
    <message>
        <source>Which stick comes nearest to the colour above?</source>
        <translation>Quel bâton est le plus proche de la couleur au-dessus&#xa0;?</translation>
    </message>
    <message>
        <source>What a mixture gives</source>
        <translation>Ce que donne un mélange</translation>
    </message>
    <message>
        <source>One of your sticks over another, before you have tried it.</source>
        <translation>Un de vos bâtons sur un autre, avant de l&apos;avoir essayé.</translation>
    </message>
    <message>
        <source>The second is dragged lightly over the first. Which comes of it?</source>
        <translation>Le second est passé légèrement sur le premier. Lequel en sort&#xa0;?</translation>
    </message>
    <message>
        <source>Two masses</source>
        <translation>Deux masses</translation>
    </message>
    <message>
        <source>The large darks and lights with half-closed eyes, before anything is drawn.</source>
        <translation>Les grands sombres et clairs, yeux mi-clos, avant de rien dessiner.</translation>
    </message>
    <message>
        <source>Which mass is darker?</source>
        <translation>Quelle masse est plus sombre&#xa0;?</translation>
    </message>
    <message>
        <source>Nearer sheet</source>
        <translation>La feuille la plus proche</translation>
    </message>
    <message>
        <source>Standing back and comparing: is it better than it was?</source>
        <translation>Prendre du recul et comparer&#xa0;: est-ce mieux qu&apos;avant&#xa0;?</translation>
    </message>
    <message>
        <source>Which sheet stands nearer to the subject above?</source>
        <translation>Quelle feuille est plus proche du sujet au-dessus&#xa0;?</translation>
    </message>
    <message>
        <source>Plumb</source>
        <translation>Aplomb</translation>
    </message>
    <message>
        <source>Walls, necks and horizons are judged against what hangs straight.</source>
        <translation>Murs, cous et horizons se jugent à ce qui pend droit.</translation>
    </message>
    <message>
        <source>Which way does the line lean?</source>
        <translation>De quel côté penche la ligne&#xa0;?</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Milieu</translation>
    </message>
    <message>
        <source>Halving by eye: the middle of a face, of a sheet, of a table&apos;s edge.</source>
        <translation>Couper en deux à l&apos;œil&#xa0;: le milieu d&apos;un visage, d&apos;une feuille, d&apos;un bord de table.</translation>
    </message>
    <message>
        <source>Which end is the mark nearer to?</source>
        <translation>De quel bout la marque est-elle plus près&#xa0;?</translation>
    </message>
    <message>
        <source>Wider angle</source>
        <translation>L&apos;angle le plus ouvert</translation>
    </message>
    <message>
        <source>An angle is carried from the subject to the sheet by eye.</source>
        <translation>Un angle passe du sujet à la feuille par l&apos;œil.</translation>
    </message>
    <message>
        <source>Which angle is wider?</source>
        <translation>Quel angle est plus ouvert&#xa0;?</translation>
    </message>
    <message>
        <source>Length in units</source>
        <translation>Longueur en unités</translation>
    </message>
    <message>
        <source>A head, a cup, the breadth of the pencil: how often does it go into the whole?</source>
        <translation>Une tête, une tasse, la largeur du crayon&#xa0;: combien de fois entre-t-elle dans le tout&#xa0;?</translation>
    </message>
    <message>
        <source>The line is about %1 times as long as the short one. Is it longer or shorter?</source>
        <translation>La ligne fait environ %1 fois la courte. Est-elle plus longue ou plus courte&#xa0;?</translation>
    </message>
    <message>
        <source>From memory</source>
        <translation>De mémoire</translation>
    </message>
    <message>
        <source>Look, turn away, draw the main shapes on a sheet of the picture&apos;s format: what the eye has kept shows in where they lie and how large they are.</source>
        <translation>Regardez, détournez-vous, dessinez les grandes formes sur une feuille du format du tableau&#xa0;: ce que l&apos;œil a gardé se voit à leur place et à leur taille.</translation>
    </message>
    <message>
        <source>Look at the large shapes, how they lie to each other and to the edges.</source>
        <translation>Regardez les grandes formes, comment elles sont entre elles et par rapport aux bords.</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>valeur %1</translation>
    </message>
    <message>
        <source>The grounds make the one on the dark look %1 value steps lighter than that on the light.</source>
        <translation>Les fonds font paraître celui du sombre %1 degrés de valeur plus clair que celui du clair.</translation>
    </message>
    <message>
        <source>first and second</source>
        <translation>le premier et le deuxième</translation>
    </message>
    <message>
        <source>second and third</source>
        <translation>le deuxième et le troisième</translation>
    </message>
    <message>
        <source>third and fourth</source>
        <translation>le troisième et le quatrième</translation>
    </message>
    <message>
        <source>fourth and fifth</source>
        <translation>le quatrième et le cinquième</translation>
    </message>
    <message>
        <source>second</source>
        <translation>le deuxième</translation>
    </message>
    <message>
        <source>third</source>
        <translation>le troisième</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>le quatrième</translation>
    </message>
    <message>
        <source>the first</source>
        <translation>la première</translation>
    </message>
    <message>
        <source>the second</source>
        <translation>la deuxième</translation>
    </message>
    <message>
        <source>the upper</source>
        <translation>du haut</translation>
    </message>
    <message>
        <source>the lower</source>
        <translation>du bas</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>de gauche</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>de droite</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>plus longue</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>plus courte</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>vers la gauche</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>vers la droite</translation>
    </message>
    <message>
        <source>the left one</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>the right one</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>%1 value steps</source>
        <translation>%1 degrés de valeur</translation>
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
        <translation>%1 (%2 à %3)</translation>
    </message>
    <message>
        <source>a trained eye: %1</source>
        <translation>un œil exercé&#xa0;: %1</translation>
    </message>
    <message>
        <source>It is %1, by %2. %3</source>
        <translation>Réponse&#xa0;: %1, de %2. %3</translation>
    </message>
    <message>
        <source>It is %1: the other grey is off by %2.</source>
        <translation>Réponse&#xa0;: %1&#xa0;; l&apos;autre gris s&apos;écarte de %2.</translation>
    </message>
    <message>
        <source>It is between %1; there are %2 from one to the next.</source>
        <translation>C&apos;est entre %1&#xa0;; il y a %2 de l&apos;un à l&apos;autre.</translation>
    </message>
    <message>
        <source>It is the %1; the next is %2 farther off.</source>
        <translation>Réponse&#xa0;: %1&#xa0;; le suivant est %2 plus loin.</translation>
    </message>
    <message>
        <source>It leans %1, by %2.</source>
        <translation>Elle penche %1, de %2.</translation>
    </message>
    <message>
        <source>It is nearer to %1 end: off the middle by %2 of the line.</source>
        <translation>Elle est plus près du bout %1&#xa0;: à %2 de la ligne du milieu.</translation>
    </message>
    <message>
        <source>It is %1 than that, by %2.</source>
        <translation>Elle est %1, de %2.</translation>
    </message>
    <message>
        <source>It is %1, by %2.</source>
        <translation>Réponse&#xa0;: %1, de %2.</translation>
    </message>
    <message>
        <source>warmer</source>
        <translation>plus chaud</translation>
    </message>
    <message>
        <source>cooler</source>
        <translation>plus froid</translation>
    </message>
    <message>
        <source>chroma %1</source>
        <translation>chroma %1</translation>
    </message>
    <message>
        <source>%1 off</source>
        <translation>à %1</translation>
    </message>
    <message>
        <source>%1 % to the right</source>
        <translation>%1 % trop à droite</translation>
    </message>
    <message>
        <source>%1 % to the left</source>
        <translation>%1 % trop à gauche</translation>
    </message>
    <message>
        <source>%1 % too low</source>
        <translation>%1 % trop bas</translation>
    </message>
    <message>
        <source>%1 % too high</source>
        <translation>%1 % trop haut</translation>
    </message>
    <message>
        <source>%1 % too large</source>
        <translation>%1 % trop grand</translation>
    </message>
    <message>
        <source>%1 % too small</source>
        <translation>%1 % trop petit</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>à sa place</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>The whole lies %1. Within it the shapes are off by %2 % of the width in the mean.</source>
        <translation>Le tout est&#xa0;: %1. À l&apos;intérieur, les formes sont en moyenne à %2 % de la largeur de leur place.</translation>
    </message>
    <message>
        <source>No reference picture is chosen: open one first.</source>
        <translation>Aucune image de référence n&apos;est choisie&#xa0;: ouvrez-en d&apos;abord une.</translation>
    </message>
    <message>
        <source>%1 is not there: check the name and the folder.</source>
        <translation>%1 n&apos;est pas là&#xa0;: vérifiez le nom et le dossier.</translation>
    </message>
    <message>
        <source>%1 cannot be read: check that it is a file and that you may open it.</source>
        <translation>%1 ne peut être lu&#xa0;: vérifiez que c&apos;est un fichier et que vous pouvez l&apos;ouvrir.</translation>
    </message>
    <message>
        <source>%1 is larger than any file of its kind (%2 MB at most): check that it is the right one.</source>
        <translation>%1 est plus grand que tout fichier de ce genre (%2 Mo au plus)&#xa0;: vérifiez que c&apos;est le bon.</translation>
    </message>
    <message>
        <source>The colour profile in %1 is damaged, so that its colours cannot be known: save the picture again in sRGB.</source>
        <translation>Le profil de couleur de %1 est abîmé, ses couleurs ne peuvent être connues&#xa0;: enregistrez l&apos;image de nouveau en sRGB.</translation>
    </message>
    <message>
        <source>%1 is a moving picture: save one picture of it as PNG and take that.</source>
        <translation>%1 est une image animée&#xa0;: enregistrez-en une image en PNG et prenez-la.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read: take a PNG, JPEG, TIFF or WebP file.</source>
        <translation>%1 n&apos;est pas une image lisible&#xa0;: prenez un fichier PNG, JPEG, TIFF ou WebP.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged: copy it again from where it came.</source>
        <translation>%1 est coupé ou abîmé&#xa0;: copiez-le de nouveau d&apos;où il vient.</translation>
    </message>
    <message>
        <source>%1 is too small to read values from: take a picture of at least %2 pixels on each side.</source>
        <translation>%1 est trop petit pour y lire des valeurs&#xa0;: prenez une image d&apos;au moins %2 pixels de chaque côté.</translation>
    </message>
    <message>
        <source>%1 claims more than %2 megapixels: reduce it first.</source>
        <translation>%1 annonce plus de %2 mégapixels&#xa0;: réduisez-le d&apos;abord.</translation>
    </message>
    <message>
        <source>%1 is not in RGB or grey (it may be meant for printing): save it as an RGB picture.</source>
        <translation>%1 n&apos;est ni en RVB ni en gris (peut-être fait pour l&apos;impression)&#xa0;: enregistrez-le en image RVB.</translation>
    </message>
    <message>
        <source>No swatch card is to be seen in %1: photograph the whole card, all four corner marks in view.</source>
        <translation>On ne voit pas de nuancier dans %1&#xa0;: photographiez toute la carte, avec ses quatre marques de coin.</translation>
    </message>
    <message>
        <source>The card in %1 is one of the other kind: swatch cards are read in Materials, test cards of papers at Paper.</source>
        <translation>La carte de %1 est de l&apos;autre sorte&#xa0;: les nuanciers se lisent à Matériel, les cartes-tests à Papier.</translation>
    </message>
    <message>
        <source>A corner mark of the swatch card is missing in %1: photograph the whole card, with nothing lying on its corners.</source>
        <translation>Il manque une marque de coin du nuancier dans %1&#xa0;: photographiez toute la carte, sans rien sur ses coins.</translation>
    </message>
    <message>
        <source>%1 is too dark to read: photograph the card in more light, by a window and without flash.</source>
        <translation>%1 est trop sombre à lire&#xa0;: photographiez la carte avec plus de lumière, près d&apos;une fenêtre et sans flash.</translation>
    </message>
    <message>
        <source>The card&apos;s paper is burnt out in %1: photograph it again with less exposure.</source>
        <translation>Le papier de la carte est brûlé dans %1&#xa0;: photographiez-la de nouveau moins exposée.</translation>
    </message>
    <message>
        <source>%1 is blurred: hold the camera still, tap on the card to focus and photograph it again.</source>
        <translation>%1 est flou&#xa0;: tenez l&apos;appareil immobile, touchez la carte pour la mise au point et photographiez de nouveau.</translation>
    </message>
    <message>
        <source>This sheet is not to be seen in %1: photograph the work of this study whole, from straight before it, with some of the board round it.</source>
        <translation>On ne voit pas cette feuille dans %1&#xa0;: photographiez le travail de cette étude entier, bien en face, avec un peu de planche autour.</translation>
    </message>
    <message>
        <source>A corner of the sheet is missing in %1: photograph it whole, with some of the board round it.</source>
        <translation>Il manque un coin de la feuille dans %1&#xa0;: photographiez-la entière, avec un peu de planche autour.</translation>
    </message>
    <message>
        <source>%1 is too dark to read: photograph the sheet in more light, by a window and without flash.</source>
        <translation>%1 est trop sombre à lire&#xa0;: photographiez la feuille avec plus de lumière, près d&apos;une fenêtre et sans flash.</translation>
    </message>
    <message>
        <source>The sheet is burnt out in %1: photograph it again with less exposure and without flash.</source>
        <translation>La feuille est brûlée dans %1&#xa0;: photographiez-la de nouveau moins exposée et sans flash.</translation>
    </message>
    <message>
        <source>%1 is blurred: hold the camera still, or lean it on something, and let it find its focus.</source>
        <translation>%1 est flou&#xa0;: tenez l&apos;appareil immobile, ou appuyez-le, et laissez-le faire la mise au point.</translation>
    </message>
    <message>
        <source>No sheet of the picture&apos;s format is to be seen in %1: photograph the drawing whole and upright, with some of a darker table round it.</source>
        <translation>On ne voit pas de feuille au format du tableau dans %1&#xa0;: photographiez le dessin entier et droit, avec un peu de table plus sombre autour.</translation>
    </message>
    <message>
        <source>Nothing is drawn on the sheet in %1: draw the main shapes darker, then photograph it again.</source>
        <translation>Rien n&apos;est dessiné sur la feuille de %1&#xa0;: tracez les grandes formes plus sombres, puis photographiez de nouveau.</translation>
    </message>
    <message>
        <source>%1 cannot be written: choose a folder that you may write to.</source>
        <translation>%1 ne peut être écrit&#xa0;: choisissez un dossier où vous pouvez écrire.</translation>
    </message>
    <message>
        <source>%1 could not be written, and what was there is kept: the disk has a fault, so write to another.</source>
        <translation>%1 n&apos;a pu être écrit, et ce qui était là est gardé&#xa0;: le disque a un défaut, écrivez donc sur un autre.</translation>
    </message>
    <message>
        <source>There is no room for %1 on the disk, and what was there is kept: make room and write it again.</source>
        <translation>Il n&apos;y a pas de place pour %1 sur le disque, et ce qui était là est gardé&#xa0;: faites de la place et écrivez-le de nouveau.</translation>
    </message>
    <message>
        <source>What was computed could not be written out whole: check that there is room where it goes.</source>
        <translation>Ce qui a été calculé n&apos;a pu être écrit en entier&#xa0;: vérifiez qu&apos;il y a de la place où cela va.</translation>
    </message>
    <message>
        <source>The tray has no stick, pencil or pan to plan with: add some to the materials.</source>
        <translation>Le plateau n&apos;a ni bâton, ni crayon, ni godet pour planifier&#xa0;: ajoutez-en au matériel.</translation>
    </message>
    <message>
        <source>The tray has no stick, pencil or pan to plan with: add some to the materials in %1.</source>
        <translation>Le plateau n&apos;a ni bâton, ni crayon, ni godet pour planifier&#xa0;: ajoutez-en au matériel de %1.</translation>
    </message>
    <message>
        <source>The study would draw from %1 sticks and paints, and can weigh %2 at most: put those that count into a tray and draw from that.</source>
        <translation>L&apos;étude puiserait dans %1 bâtons et couleurs, et peut en peser %2 au plus&#xa0;: mettez ceux qui comptent dans un plateau et puisez-y.</translation>
    </message>
    <message>
        <source>The materials have no paper to plan on: add one.</source>
        <translation>Le matériel n&apos;a pas de papier sur lequel planifier&#xa0;: ajoutez-en un.</translation>
    </message>
    <message>
        <source>There is no paper &quot;%1&quot; in the materials: choose one that is there.</source>
        <translation>Il n&apos;y a pas de papier «&#xa0;%1&#xa0;» dans le matériel&#xa0;: choisissez-en un qui y soit.</translation>
    </message>
    <message>
        <source>%1 has no column &quot;%2&quot;: add it to the first row.</source>
        <translation>%1 n&apos;a pas de colonne «&#xa0;%2&#xa0;»&#xa0;: ajoutez-la à la première ligne.</translation>
    </message>
    <message>
        <source>one of the words or names that the format allows</source>
        <translation>un des mots ou noms que permet le format</translation>
    </message>
    <message>
        <source>%1, row %2: %3 will not do: put %4.</source>
        <translation>%1, ligne %2&#xa0;: %3 ne va pas&#xa0;: mettez %4.</translation>
    </message>
    <message>
        <source>%1, row %2 cannot be read: check it.</source>
        <translation>%1, ligne %2 ne peut être lue&#xa0;: vérifiez-la.</translation>
    </message>
    <message>
        <source>%1, row %2 cannot be read: check it (%3).</source>
        <translation>%1, ligne %2 ne peut être lue&#xa0;: vérifiez-la (%3).</translation>
    </message>
    <message>
        <source>%1, row %2 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.</source>
        <translation>%1, ligne %2 n&apos;est pas écrite en UTF-8&#xa0;: enregistrez la liste en CSV en UTF-8 et ajoutez-la de nouveau.</translation>
    </message>
    <message>
        <source>%1 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.</source>
        <translation>%1 n&apos;est pas écrit en UTF-8&#xa0;: enregistrez la liste en CSV en UTF-8 et ajoutez-la de nouveau.</translation>
    </message>
    <message>
        <source>%1 is no list that can be read: take a CSV table, a palette (.gpl), colour readings (CGATS) or a whole drawer (.json).</source>
        <translation>%1 n&apos;est pas une liste lisible&#xa0;: prenez un tableau CSV, une palette (.gpl), des lectures de couleur (CGATS) ou un tiroir entier (.json).</translation>
    </message>
    <message>
        <source>%1 draws in another file (.INCLUDE), which is not followed: put all readings into one list.</source>
        <translation>%1 appelle un autre fichier (.INCLUDE), qu&apos;on ne suit pas&#xa0;: mettez toutes les lectures dans une liste.</translation>
    </message>
    <message>
        <source>%1 holds no colours that can be read (%2): it needs LAB, XYZ or spectral readings under D50.</source>
        <translation>%1 n&apos;a pas de couleurs lisibles (%2)&#xa0;: il faut des lectures LAB, XYZ ou spectrales sous D50.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged (%2) and cannot be taken in: export it again.</source>
        <translation>%1 est coupé ou abîmé (%2) et ne peut être ajouté&#xa0;: exportez-le de nouveau.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Yawning Dune: take it in with that version.</source>
        <translation>%1 a été écrit par un Yawning Dune plus récent&#xa0;: ajoutez-le avec cette version.</translation>
    </message>
    <message>
        <source>%1 has more than %2 rows: split it and take the parts in one after the other.</source>
        <translation>%1 a plus de %2 lignes&#xa0;: partagez-le et ajoutez les parts l&apos;une après l&apos;autre.</translation>
    </message>
    <message>
        <source>The colour reader does not answer: check its cable or battery, connect it again and put it on the white tile.</source>
        <translation>Le lecteur de couleur ne répond pas&#xa0;: vérifiez son câble ou sa pile, rebranchez-le et posez-le sur la plaque blanche.</translation>
    </message>
    <message>
        <source>The colour reader does not know its white: put it on the white tile first.</source>
        <translation>Le lecteur de couleur ne connaît pas son blanc&#xa0;: posez-le d&apos;abord sur la plaque blanche.</translation>
    </message>
    <message>
        <source>The readings of this touch differ by up to %1: hold the reader flat and still on a heavy swatch and touch again.</source>
        <translation>Les lectures de ce contact diffèrent jusqu&apos;à %1&#xa0;: tenez le lecteur à plat et immobile sur un échantillon dense et recommencez.</translation>
    </message>
    <message>
        <source>What lies under the colour reader is not its white tile: wipe the tile and put the reader flat on it.</source>
        <translation>Ce qui est sous le lecteur n&apos;est pas sa plaque blanche&#xa0;: essuyez la plaque et posez-y le lecteur à plat.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged and cannot be opened: take a copy of it.</source>
        <translation>%1 est coupé ou abîmé et ne peut être ouvert&#xa0;: prenez-en une copie.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Yawning Dune: open it with that version.</source>
        <translation>%1 a été écrit par un Yawning Dune plus récent&#xa0;: ouvrez-le avec cette version.</translation>
    </message>
    <message>
        <source>The unsaved choices in %1 are cut off or damaged and cannot be taken up: throw them away and open the study as it was last saved.</source>
        <translation>Les choix non enregistrés de %1 sont coupés ou abîmés et ne peuvent être repris&#xa0;: jetez-les et ouvrez l&apos;étude telle qu&apos;elle a été enregistrée.</translation>
    </message>
    <message>
        <source>The materials in %1 are damaged and cannot be read: put a saved copy in their place, or move the file away to begin anew.</source>
        <translation>Le matériel de %1 est abîmé et ne peut être lu&#xa0;: mettez une copie à sa place, ou déplacez le fichier pour recommencer.</translation>
    </message>
    <message>
        <source>The materials in %1 were written by a newer Yawning Dune: open them with that version.</source>
        <translation>Le matériel de %1 a été écrit par un Yawning Dune plus récent&#xa0;: ouvrez-le avec cette version.</translation>
    </message>
    <message>
        <source>Another Yawning Dune has the materials in %1 open: close it to change anything, until then they can be read.</source>
        <translation>Un autre Yawning Dune a ouvert le matériel de %1&#xa0;: fermez-le pour changer quelque chose&#xa0;; jusque-là on peut le lire.</translation>
    </message>
    <message>
        <source>The materials in %1 may be read and not changed: give yourself the right to write there.</source>
        <translation>Le matériel de %1 peut être lu mais non changé&#xa0;: donnez-vous le droit d&apos;y écrire.</translation>
    </message>
    <message>
        <source>%1 of the materials in %2 cannot be read and are left out (%3): enter them again, or put a saved copy of the file in its place.</source>
        <translation>%1 éléments du matériel de %2 ne peuvent être lus et sont laissés (%3)&#xa0;: saisissez-les de nouveau, ou mettez une copie du fichier à sa place.</translation>
    </message>
    <message>
        <source>The frame in %1 went beyond its picture and has been put right: look at it under Subject.</source>
        <translation>Le cadre de %1 dépassait son image et a été rectifié&#xa0;: regardez-le à Sujet.</translation>
    </message>
    <message>
        <source>The %1 cannot be %2: take %3.</source>
        <translation>Pour %1, %2 ne va pas&#xa0;: prenez %3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no colour: write it as #rrggbb.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une couleur&#xa0;: écrivez-la #rrggbb.</translation>
    </message>
    <message>
        <source>%1 &quot;%2&quot; is not known: take one of %3.</source>
        <translation>%1 «&#xa0;%2&#xa0;» est inconnu&#xa0;: prenez l&apos;un de %3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; wants more or other words: write %2.</source>
        <translation>«&#xa0;%1&#xa0;» demande plus de mots ou d&apos;autres&#xa0;: écrivez %2.</translation>
    </message>
    <message>
        <source>There is not enough memory for this: close other programs, or take a smaller picture.</source>
        <translation>Il n&apos;y a pas assez de mémoire pour cela&#xa0;: fermez d&apos;autres programmes, ou prenez une image plus petite.</translation>
    </message>
    <message>
        <source>This went wrong (%1), and nothing was changed: save your study and try it another way.</source>
        <translation>Cela a échoué (%1), et rien n&apos;a changé&#xa0;: enregistrez votre étude et essayez autrement.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Arrêté.</translation>
    </message>
    <message>
        <source>a few light lines place everything before colour hides the paper</source>
        <translation>quelques lignes légères placent tout avant que la couleur cache le papier</translation>
    </message>
    <message>
        <source>the ground lies under it and is dry</source>
        <translation>le fond est dessous et il est sec</translation>
    </message>
    <message>
        <source>brings the sheet %1 ΔE00 nearer to what goes over it: fewer layers there</source>
        <translation>rapproche la feuille de %1 ΔE00 de ce qui va dessus&#xa0;: moins de couches là</translation>
    </message>
    <message>
        <source>puts the value down in one colour, %1 ΔE00 nearer to it</source>
        <translation>pose la valeur en une couleur, %1 ΔE00 plus près d&apos;elle</translation>
    </message>
    <message>
        <source>the opposite of what goes over it glints between the strokes</source>
        <translation>l&apos;opposé de ce qui va dessus miroite entre les traits</translation>
    </message>
    <message>
        <source>you have mixed it so</source>
        <translation>vous l&apos;avez mélangé ainsi</translation>
    </message>
    <message>
        <source>cool under what is dark, so that the shadows stay back</source>
        <translation>froid sous ce qui est sombre, pour que les ombres restent en arrière</translation>
    </message>
    <message>
        <source>one warm tone holds the picture together</source>
        <translation>un ton chaud tient le tableau ensemble</translation>
    </message>
    <message>
        <source>a tone map of the values, %1 ΔE00 nearer to them</source>
        <translation>une carte des valeurs, %1 ΔE00 plus près d&apos;elles</translation>
    </message>
    <message>
        <source>a finger carries the dry base into the tooth, so that it takes little of it</source>
        <translation>un doigt porte la base sèche dans le grain, qui en prend peu</translation>
    </message>
    <message>
        <source>alcohol carries the dry base into the tooth and binds it</source>
        <translation>l&apos;alcool porte la base sèche dans le grain et la lie</translation>
    </message>
    <message>
        <source>ink reaches the deepest darks, which soft pastel hardly does, and stays visible as a map</source>
        <translation>l&apos;encre atteint les plus sombres, ce que le pastel tendre ne fait guère, et reste visible comme une carte</translation>
    </message>
    <message>
        <source>wet before dry: wait %1 min until it is dry</source>
        <translation>mouillé avant sec&#xa0;: attendre %1 min que ce soit sec</translation>
    </message>
    <message>
        <source>over the hard point: the other way round only %1 % of it would hold</source>
        <translation>par-dessus la pointe dure&#xa0;: dans l&apos;autre sens, %1 % seulement tiendrait</translation>
    </message>
    <message>
        <source>background before what overlaps it</source>
        <translation>l&apos;arrière-plan avant ce qui le recouvre</translation>
    </message>
    <message>
        <source>dark before light</source>
        <translation>le sombre avant le clair</translation>
    </message>
    <message>
        <source>light base first, the dark over it</source>
        <translation>base claire d&apos;abord, le sombre dessus</translation>
    </message>
    <message>
        <source>the whole picture moves on together</source>
        <translation>tout le tableau avance ensemble</translation>
    </message>
    <message>
        <source>the stick is in the hand already</source>
        <translation>le bâton est déjà en main</translation>
    </message>
    <message>
        <source>both of a pair together, while the mixture is known</source>
        <translation>les deux d&apos;une paire ensemble, tant qu&apos;on a le mélange en tête</translation>
    </message>
    <message>
        <source>highlights and accents come last</source>
        <translation>rehauts et accents viennent en dernier</translation>
    </message>
    <message>
        <source>what the picture is about first, then around it</source>
        <translation>ce dont parle le tableau d&apos;abord, puis autour</translation>
    </message>
    <message>
        <source>one area is finished before the next</source>
        <translation>une zone est finie avant la suivante</translation>
    </message>
    <message>
        <source>black last, so that it dirties nothing</source>
        <translation>le noir en dernier, pour qu&apos;il ne salisse rien</translation>
    </message>
    <message>
        <source>joins what lies beneath; clean the tool before the next area</source>
        <translation>relie ce qui est dessous&#xa0;; nettoyez l&apos;outil avant la zone suivante</translation>
    </message>
    <message>
        <source>light areas are blended before dark ones, and never across</source>
        <translation>les zones claires s&apos;estompent avant les sombres, et jamais à travers</translation>
    </message>
    <message>
        <source>binds what is loose and gives tooth back for what follows</source>
        <translation>lie ce qui est libre et rend du grain pour la suite</translation>
    </message>
    <message>
        <source>what lies too thick comes off before more goes on</source>
        <translation>ce qui est trop épais s&apos;enlève avant d&apos;en remettre</translation>
    </message>
    <message>
        <source>you lay it at this time</source>
        <translation>vous la posez à ce moment</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Conseil</translation>
    </message>
    <message>
        <source>Mind</source>
        <translation>Attention</translation>
    </message>
    <message>
        <source>Safety</source>
        <translation>Sécurité</translation>
    </message>
    <message>
        <source>The tooth is up to %1 % full at the end (%2): keep the pressure light, or take a paper that holds more.</source>
        <translation>Le grain est rempli jusqu&apos;à %1 % à la fin (%2)&#xa0;: gardez la pression légère, ou prenez un papier qui tient plus.</translation>
    </message>
    <message>
        <source>The sheet stays %1 ΔE00 from the reference here (%2): other sticks, more layers or finer marks would help.</source>
        <translation>La feuille reste ici à %1 ΔE00 de la référence (%2)&#xa0;: d&apos;autres bâtons, plus de couches ou des marques plus fines aideraient.</translation>
    </message>
    <message>
        <source>With pressure and coverage off by %1 %, the picture stays within %2 ΔE00 in the mean.</source>
        <translation>Si pression et couverture s&apos;écartent de %1 %, le tableau reste en moyenne à moins de %2 ΔE00.</translation>
    </message>
    <message>
        <source>The picture with its border does not fit on a sheet of %1, which is %2 × %3 mm: make the sheet smaller at Subject, narrow the border, or take another paper.</source>
        <translation>Le tableau avec son bord ne tient pas sur une feuille de %1, qui fait %2 × %3 mm&#xa0;: réduisez la feuille à Sujet, rétrécissez le bord, ou prenez un autre papier.</translation>
    </message>
    <message>
        <source>Your own mixture “%1” serves here: %2.</source>
        <translation>Votre propre mélange «&#xa0;%1&#xa0;» sert ici&#xa0;: %2.</translation>
    </message>
    <message numerus="yes">
        <source>The series needs %n sheets of %1; at hand are %2.</source>
        <translation>
            <numerusform>La série demande %n feuille de %1&#xa0;; disponibles&#xa0;: %2.</numerusform>
            <numerusform>La série demande %n feuilles de %1&#xa0;; disponibles&#xa0;: %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing in the tray is as dark as %1: the darks come out %2 of a step too light. Add a dark stick, or lay ink under them.</source>
        <translation>Rien dans le plateau n&apos;est aussi sombre que %1&#xa0;: les sombres sortent trop clairs de %2 de degré. Ajoutez un bâton sombre, ou posez de l&apos;encre dessous.</translation>
    </message>
    <message>
        <source>The chosen ground is left out. %1</source>
        <translation>Le fond choisi est laissé. %1</translation>
    </message>
    <message>
        <source>The ground of %1 is left out. %2</source>
        <translation>Le fond de %1 est laissé. %2</translation>
    </message>
    <message>
        <source>Not everything can be kept: &quot;%1&quot; gave way to &quot;%2&quot;.</source>
        <translation>Tout ne peut être tenu&#xa0;: «&#xa0;%1&#xa0;» a cédé à «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>No area is marked as what the picture is about: mark one at Subject, and it is laid first.</source>
        <translation>Aucune zone n&apos;est marquée comme ce dont parle le tableau&#xa0;: marquez-en une à Sujet, et elle est posée d&apos;abord.</translation>
    </message>
    <message numerus="yes">
        <source>There are no pencils or hard sticks to go over the base: %n layers are of softer sticks.</source>
        <translation>
            <numerusform>Il n&apos;y a ni crayons ni bâtons durs pour aller sur la base&#xa0;: %n couche est de bâtons plus tendres.</numerusform>
            <numerusform>Il n&apos;y a ni crayons ni bâtons durs pour aller sur la base&#xa0;: %n couches sont de bâtons plus tendres.</numerusform>
        </translation>
    </message>
    <message>
        <source>One end of the values hardly shows on this paper before it is covered: check it against the reference more often.</source>
        <translation>Un bout des valeurs se voit à peine sur ce papier avant qu&apos;il soit couvert&#xa0;: comparez plus souvent à la référence.</translation>
    </message>
    <message>
        <source>Never blow dust: tap it off into a bin or a damp tray and wipe wet. Work upright, wear gloves or barrier cream, do not eat, keep away from children and pets. Follow each product&apos;s label and safety data sheet, and your local rules.</source>
        <translation>Ne soufflez jamais la poussière&#xa0;: tapotez-la dans une poubelle ou un bac humide et essuyez au mouillé. Travaillez la feuille droite, portez des gants ou une crème protectrice, ne mangez pas, tenez loin des enfants et des animaux. Suivez l&apos;étiquette et la fiche de données de sécurité de chaque produit, et les règles locales.</translation>
    </message>
    <message>
        <source>Marked for toxic pigments: %1. Wear gloves, make no dust, and follow the label and the safety data sheet.</source>
        <translation>Signalés pour pigments toxiques&#xa0;: %1. Portez des gants, pas de poussière, et suivez l&apos;étiquette et la fiche de données de sécurité.</translation>
    </message>
    <message>
        <source>Let washes dry by themselves, or keep a heat gun moving and off scorching: it burns paper and skin. With alcohol or fixative: outdoors or with strong ventilation, no flame, no heat gun until the solvent is gone.</source>
        <translation>Laissez sécher les lavis d&apos;eux-mêmes, ou gardez un pistolet chauffant en mouvement sans roussir&#xa0;: il brûle papier et peau. Avec alcool ou fixatif&#xa0;: dehors ou avec une forte aération, sans flamme, pas de pistolet chauffant avant que le solvant soit parti.</translation>
    </message>
    <message>
        <source>Matched under %1, but up to %2 ΔE00 from the reference under %3 (%4): look at these there, or choose to plan for that light.</source>
        <translation>Accordé sous %1, mais jusqu&apos;à %2 ΔE00 de la référence sous %3 (%4)&#xa0;: regardez-les là, ou choisissez de planifier pour cette lumière.</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits here (%2) and draws the eye away from what the picture is about, which has %3: close it here, or open it there.</source>
        <translation>Le contraste le plus fort, %1 degrés, est ici (%2) et détourne l&apos;œil de ce dont parle le tableau, qui en a %3&#xa0;: fermez-le ici, ou ouvrez-le là.</translation>
    </message>
    <message>
        <source>Follow the arrows with the strokes: %1.</source>
        <translation>Suivez les flèches de vos traits&#xa0;: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n sticks are few for this picture: a larger set would come nearer.</source>
        <translation>
            <numerusform>%n bâton est peu pour ce tableau&#xa0;: un plus grand assortiment irait plus près.</numerusform>
            <numerusform>%n bâtons sont peu pour ce tableau&#xa0;: un plus grand assortiment irait plus près.</numerusform>
        </translation>
    </message>
    <message>
        <source>The tooth is %1 % full here at the end, %2 % before the last layer: fixative there, dried, brings that to %3 %. A level lighter throughout it ends at %4 %.</source>
        <translation>Le grain est ici rempli à %1 % à la fin, à %2 % avant la dernière couche&#xa0;: du fixatif là, sec, ramène cela à %3 %. Un cran plus léger partout, il finit à %4 %.</translation>
    </message>
    <message>
        <source>On %1 the same would fill %2 %.</source>
        <translation>Sur %1 la même chose en remplirait %2 %.</translation>
    </message>
    <message>
        <source>Do not rest the hand on what is finished (%1): put glassine under the hand, or use a rest stick.</source>
        <translation>Ne posez pas la main sur ce qui est fini (%1)&#xa0;: mettez du papier cristal sous la main, ou prenez un appuie-main.</translation>
    </message>
    <message>
        <source>low key</source>
        <translation>gamme sombre</translation>
    </message>
    <message>
        <source>high key</source>
        <translation>gamme claire</translation>
    </message>
    <message>
        <source>middle key</source>
        <translation>gamme moyenne</translation>
    </message>
    <message>
        <source>narrow</source>
        <translation>étroit</translation>
    </message>
    <message>
        <source>middle range</source>
        <translation>étendue moyenne</translation>
    </message>
    <message>
        <source>%1, %2, darkest at %3</source>
        <translation>%1, %2, le plus sombre à %3</translation>
    </message>
    <message>
        <source>%1, %2 to %3</source>
        <translation>%1, %2 à %3</translation>
    </message>
    <message>
        <source>other</source>
        <translation>autre</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>ciel</translation>
    </message>
    <message>
        <source>foliage</source>
        <translation>feuillage</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>peau</translation>
    </message>
    <message>
        <source>fur or feather</source>
        <translation>poil ou plume</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>œil</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>métal</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>verre</translation>
    </message>
    <message>
        <source>cloth</source>
        <translation>tissu</translation>
    </message>
    <message>
        <source>stone</source>
        <translation>pierre</translation>
    </message>
    <message>
        <source>A sky is darker and bluer on top, lighter and warmer near the horizon and the sun.</source>
        <translation>Un ciel est plus sombre et bleu en haut, plus clair et chaud près de l&apos;horizon et du soleil.</translation>
    </message>
    <message>
        <source>Leaves are suggested in blocks of value, never copied; the greens come late.</source>
        <translation>Les feuilles se suggèrent par blocs de valeur, jamais copiées&#xa0;; les verts viennent tard.</translation>
    </message>
    <message>
        <source>Skin wants a cool accent: a blue in the shadow makes the lights glow.</source>
        <translation>La peau veut un accent froid&#xa0;: un bleu dans l&apos;ombre fait luire les lumières.</translation>
    </message>
    <message>
        <source>Strokes follow the fur or the feather, in blocks; single hairs and whiskers come last.</source>
        <translation>Les traits suivent le poil ou la plume, par blocs&#xa0;; poils isolés et moustaches viennent en dernier.</translation>
    </message>
    <message>
        <source>Pair it with the other eye: both are laid together, or the mixture is forgotten hours later.</source>
        <translation>Appariez-le à l&apos;autre œil&#xa0;: les deux se posent ensemble, ou le mélange est oublié des heures plus tard.</translation>
    </message>
    <message>
        <source>Its highlights are few, small and hard-edged, and come last.</source>
        <translation>Ses rehauts sont rares, petits et nets, et viennent en dernier.</translation>
    </message>
    <message>
        <source>Strokes follow the folds; a pattern is suggested, never copied.</source>
        <translation>Les traits suivent les plis&#xa0;; un motif se suggère, jamais copié.</translation>
    </message>
    <message>
        <source>Strokes follow the water&apos;s surface or its fall.</source>
        <translation>Les traits suivent la surface de l&apos;eau ou sa chute.</translation>
    </message>
    <message>
        <source>face</source>
        <translation>visage</translation>
    </message>
    <message>
        <source>cat&apos;s face</source>
        <translation>tête de chat</translation>
    </message>
    <message>
        <source>left eye</source>
        <translation>œil gauche</translation>
    </message>
    <message>
        <source>right eye</source>
        <translation>œil droit</translation>
    </message>
    <message>
        <source>Taken for a face by its lights and darks: brow, eyes, nose and mouth where a face has them.</source>
        <translation>Pris pour un visage à ses clairs et sombres&#xa0;: sourcils, yeux, nez et bouche où un visage les a.</translation>
    </message>
    <message>
        <source>Taken for a cat&apos;s face by its lights and darks.</source>
        <translation>Pris pour une tête de chat à ses clairs et sombres.</translation>
    </message>
    <message>
        <source>Taken for one of a pair of eyes, level and alike in size, in the upper part of a face.</source>
        <translation>Pris pour l&apos;un d&apos;une paire d&apos;yeux, de niveau et de même taille, en haut d&apos;un visage.</translation>
    </message>
    <message>
        <source>Taken for sky: it reaches the upper edge, is smooth, and is blue or a light grey.</source>
        <translation>Pris pour le ciel&#xa0;: il touche le bord du haut, est lisse, et bleu ou gris clair.</translation>
    </message>
    <message>
        <source>Taken for water: it lies below the sky, is blue, and its streaks lie level.</source>
        <translation>Pris pour de l&apos;eau&#xa0;: elle est sous le ciel, bleue, et ses traînées sont de niveau.</translation>
    </message>
    <message>
        <source>Taken for foliage: it is green and broken up.</source>
        <translation>Pris pour du feuillage&#xa0;: il est vert et morcelé.</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>dur</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>doux</translation>
    </message>
    <message>
        <source>lost</source>
        <translation>perdu</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 contre %2</translation>
    </message>
    <message>
        <source>Its edges: %1.</source>
        <translation>Ses bords&#xa0;: %1.</translation>
    </message>
    <message>
        <source>it reaches the upper edge</source>
        <translation>elle touche le bord du haut</translation>
    </message>
    <message>
        <source>it stands low</source>
        <translation>elle est basse</translation>
    </message>
    <message>
        <source>it stands before %1</source>
        <translation>elle est devant %1</translation>
    </message>
    <message>
        <source>it lies behind %1</source>
        <translation>elle est derrière %1</translation>
    </message>
    <message>
        <source>it is sharper than most</source>
        <translation>elle est plus nette que la plupart</translation>
    </message>
    <message>
        <source>it is calmer than most</source>
        <translation>elle est plus calme que la plupart</translation>
    </message>
    <message>
        <source>background</source>
        <translation>arrière-plan</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>plan moyen</translation>
    </message>
    <message>
        <source>foreground</source>
        <translation>premier plan</translation>
    </message>
    <message>
        <source>Nearest to the subject</source>
        <translation>Le plus proche du sujet</translation>
    </message>
    <message>
        <source>Even steps</source>
        <translation>Degrés égaux</translation>
    </message>
    <message>
        <source>Darks as one shape</source>
        <translation>Les sombres en une forme</translation>
    </message>
    <message>
        <source>Lights as one shape</source>
        <translation>Les clairs en une forme</translation>
    </message>
    <message>
        <source>The masses part where the squared distance from the subject is the least possible.</source>
        <translation>Les masses se séparent où l&apos;écart quadratique au sujet est le moindre possible.</translation>
    </message>
    <message>
        <source>The masses stand equally far from each other on the ladder, whatever share of the picture they hold.</source>
        <translation>Les masses sont à égale distance sur l&apos;échelle, quelle que soit leur part du tableau.</translation>
    </message>
    <message>
        <source>Everything dark is one shape; the steps are spent on the lights. Strong and simple, good for lit subjects.</source>
        <translation>Tout le sombre est une forme&#xa0;; les degrés vont aux clairs. Fort et simple, bon pour les sujets éclairés.</translation>
    </message>
    <message>
        <source>Everything light is one shape; the steps are spent on the darks. Good for mist, snow and white cloth.</source>
        <translation>Tout le clair est une forme&#xa0;; les degrés vont aux sombres. Bon pour la brume, la neige et le linge blanc.</translation>
    </message>
    <message>
        <source>evenly lit</source>
        <translation>également éclairée</translation>
    </message>
    <message>
        <source>warm light, cool shadow</source>
        <translation>lumière chaude, ombre froide</translation>
    </message>
    <message>
        <source>cool light, warm shadow</source>
        <translation>lumière froide, ombre chaude</translation>
    </message>
    <message>
        <source>light and shadow alike</source>
        <translation>lumière et ombre semblables</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits where it should: at what the picture is about.</source>
        <translation>Le contraste le plus fort, %1 degrés, est où il doit&#xa0;: à ce dont parle le tableau.</translation>
    </message>
    <message>
        <source>The contrast at what the picture is about, %1 steps, is as strong as any.</source>
        <translation>Le contraste à ce dont parle le tableau, %1 degrés, est aussi fort que tout autre.</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits at &quot;%2&quot; and draws the eye there; what the picture is about has %3. Close the contrast there, or open it at the focal area.</source>
        <translation>Le contraste le plus fort, %1 degrés, est à «&#xa0;%2&#xa0;» et y attire l&apos;œil&#xa0;; ce dont parle le tableau a %3. Fermez le contraste là, ou ouvrez-le au point focal.</translation>
    </message>
    <message>
        <source>%1: its darks are %2 steps darker than those in front. Lighter and greyer with distance.</source>
        <translation>%1&#xa0;: ses sombres sont %2 degrés plus sombres que devant. Plus clair et plus gris au loin.</translation>
    </message>
    <message>
        <source>%1 is %2 times as hard as what stands in front. Softer, with less contrast, with distance.</source>
        <translation>%1 est %2 fois plus dur que ce qui est devant. Plus doux, moins contrasté, au loin.</translation>
    </message>
    <message>
        <source>%1 is warmer than what stands in front, by %2 CIELAB units. Bluer and greyer with distance.</source>
        <translation>%1 est plus chaud que ce qui est devant, de %2 unités CIELAB. Plus bleu et plus gris au loin.</translation>
    </message>
    <message>
        <source>left side of %1</source>
        <translation>côté gauche de %1</translation>
    </message>
    <message>
        <source>right side of %1</source>
        <translation>côté droit de %1</translation>
    </message>
    <message>
        <source>top of %1</source>
        <translation>haut de %1</translation>
    </message>
    <message>
        <source>foot of %1</source>
        <translation>pied de %1</translation>
    </message>
    <message>
        <source>middle of %1</source>
        <translation>milieu de %1</translation>
    </message>
    <message>
        <source>%1 (%2 mm off)</source>
        <translation>%1 (à %2 mm)</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1, %2 units</source>
        <translation>%1, %2 unités</translation>
    </message>
    <message>
        <source>chroma %1&#xa0;%</source>
        <translation>chroma&#xa0;%1&#xa0;%</translation>
    </message>
    <message>
        <source>contrast %1&#xa0;%</source>
        <translation>contraste&#xa0;%1&#xa0;%</translation>
    </message>
    <message>
        <source>%1 steps lighter</source>
        <translation>%1 degrés plus clair</translation>
    </message>
    <message>
        <source>%1 steps darker</source>
        <translation>%1 degrés plus sombre</translation>
    </message>
    <message>
        <source>warmer by %1</source>
        <translation>plus chaud de %1</translation>
    </message>
    <message>
        <source>cooler by %1</source>
        <translation>plus froid de %1</translation>
    </message>
    <message>
        <source>press</source>
        <translation>écrasé</translation>
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
        <translation>nu</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers</source>
        <translation>
            <numerusform>%1, %n couche</numerusform>
            <numerusform>%1, %n couches</numerusform>
        </translation>
    </message>
    <message>
        <source>%1. %2.</source>
        <translation>%1. %2.</translation>
    </message>
    <message>
        <source>Left bare</source>
        <translation>Laissé nu</translation>
    </message>
    <message>
        <source>; over it </source>
        <translation>&#xa0;; par-dessus </translation>
    </message>
    <message>
        <source>The paper&apos;s own colour: %1.</source>
        <translation>La couleur du papier même&#xa0;: %1.</translation>
    </message>
    <message>
        <source>as light as the bare paper</source>
        <translation>aussi clair que le papier nu</translation>
    </message>
    <message>
        <source>%1 steps lighter than the bare paper</source>
        <translation>%1 degrés plus clair que le papier nu</translation>
    </message>
    <message>
        <source>%1 steps darker than the bare paper</source>
        <translation>%1 degrés plus sombre que le papier nu</translation>
    </message>
    <message>
        <source>%1, %2. The tooth is then filled to %3 %.</source>
        <translation>%1, %2. Le grain est alors rempli à %3 %.</translation>
    </message>
    <message>
        <source>Its tooth holds %1 times, and takes off a stick %2 times, what is usual for %3.</source>
        <translation>Son grain tient %1 fois, et prend au bâton %2 fois, ce qui est usuel pour&#xa0;: %3.</translation>
    </message>
    <message>
        <source>Its colour against what was known: %1.</source>
        <translation>Sa couleur par rapport à ce qu&apos;on savait&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Its tooth holds %1 times what is usual for %2, give or take %3 %; so far %4 was taken for it.</source>
        <translation>Son grain tient %1 fois l&apos;usuel (%2), à %3 % près&#xa0;; jusqu&apos;ici on prenait %4.</translation>
    </message>
    <message>
        <source>It takes %1 times as much off a stick, give or take %2 %; so far %3.</source>
        <translation>Il prend au bâton %1 fois l&apos;usuel, à %2 % près&#xa0;; jusqu&apos;ici %3.</translation>
    </message>
    <message>
        <source>What was laid differs from what was expected by %1 in the mean; with this paper as read, by %2.</source>
        <translation>Ce qui a été posé diffère en moyenne de %1 de l&apos;attendu&#xa0;; avec ce papier tel que lu, de %2.</translation>
    </message>
    <message>
        <source>That is much: see whether the sticks lie in the right fields and the offcut is the right paper.</source>
        <translation>C&apos;est beaucoup&#xa0;: voyez si les bâtons sont dans les bons champs et la chute du bon papier.</translation>
    </message>
    <message>
        <source>blended with a finger at %1</source>
        <translation>estompé au doigt, %1</translation>
    </message>
    <message>
        <source>lifted with a putty eraser at %1</source>
        <translation>retiré à la gomme mie de pain, %1</translation>
    </message>
    <message>
        <source>%1 slides on the loose pigment beneath: %2 % of it holds. Blend or fix first, or lay it earlier.</source>
        <translation>%1 glisse sur le pigment libre dessous&#xa0;: %2 % en tient. Estompez ou fixez d&apos;abord, ou posez-le plus tôt.</translation>
    </message>
    <message>
        <source>%1 slides, as the tooth is nearly full: %2 % of it holds.</source>
        <translation>%1 glisse, le grain étant presque plein&#xa0;: %2 % en tient.</translation>
    </message>
    <message>
        <source>Value %1, chroma %2.</source>
        <translation>Valeur %1, chroma %2.</translation>
    </message>
    <message>
        <source>Among its neighbours it looks %1 of a step lighter than it is.</source>
        <translation>Parmi ses voisins, il paraît plus clair de %1 de degré qu&apos;il n&apos;est.</translation>
    </message>
    <message>
        <source>Among its neighbours it looks %1 of a step darker than it is.</source>
        <translation>Parmi ses voisins, il paraît plus sombre de %1 de degré qu&apos;il n&apos;est.</translation>
    </message>
    <message>
        <source>%1 % of the tooth is left.</source>
        <translation>Il reste %1 % du grain.</translation>
    </message>
    <message>
        <source>Against what is wanted: %1 (%2).</source>
        <translation>Par rapport à ce qui est voulu&#xa0;: %1 (%2).</translation>
    </message>
    <message>
        <source>%1 and %2 calm each other: chroma %3 is left.</source>
        <translation>%1 et %2 se calment&#xa0;: il reste un chroma de %3.</translation>
    </message>
    <message>
        <source>%1 turns the %2 beneath to a hue between.</source>
        <translation>%1 tourne le %2 de dessous vers une teinte intermédiaire.</translation>
    </message>
    <message>
        <source>%1 shades the %2 beneath.</source>
        <translation>%1 assombrit le %2 de dessous.</translation>
    </message>
    <message>
        <source>%1 tints the %2 beneath.</source>
        <translation>%1 éclaircit le %2 de dessous.</translation>
    </message>
    <message>
        <source>%1 and %2 give a duller colour: chroma %3.</source>
        <translation>%1 et %2 donnent une couleur plus terne&#xa0;: chroma %3.</translation>
    </message>
    <message>
        <source>%1 over %2 is nearly the same: it evens the layer out.</source>
        <translation>%1 sur %2 est presque pareil&#xa0;: cela égalise la couche.</translation>
    </message>
    <message>
        <source>The hatched lines stay apart and mix in the eye.</source>
        <translation>Les lignes hachurées restent séparées et se mêlent dans l&apos;œil.</translation>
    </message>
    <message>
        <source>The paper shows through with %1 % of the light: %2.</source>
        <translation>Le papier transparaît avec %1 % de la lumière&#xa0;: %2.</translation>
    </message>
    <message>
        <source>What was laid differs from what was expected by %1 in the mean; with sticks and papers as read, by %2.</source>
        <translation>Ce qui a été posé diffère en moyenne de %1 de l&apos;attendu&#xa0;; avec bâtons et papiers tels que lus, de %2.</translation>
    </message>
    <message>
        <source>You lay %1 times as much as a usual hand.</source>
        <translation>Vous posez %1 fois ce que pose une main usuelle.</translation>
    </message>
    <message>
        <source>That is much: see whether the strokes lie in the right fields.</source>
        <translation>C&apos;est beaucoup&#xa0;: voyez si les traits sont dans les bons champs.</translation>
    </message>
    <message>
        <source>%1, against what was known: %2 (give or take %3); it hides %4 times as well as is usual, so far %5 was taken for it.</source>
        <translation>%1, par rapport à ce qu&apos;on savait&#xa0;: %2 (à %3 près)&#xa0;; il couvre %4 fois l&apos;usuel, jusqu&apos;ici on prenait %5.</translation>
    </message>
    <message>
        <source>Its colour against what was known: %1. Its tooth holds %2 times and takes off a stick %3 times what is usual for %4; so far %5 and %6.</source>
        <translation>Sa couleur par rapport à ce qu&apos;on savait&#xa0;: %1. Son grain tient %2 fois et prend au bâton %3 fois ce qui est usuel pour %4&#xa0;; jusqu&apos;ici %5 et %6.</translation>
    </message>
    <message>
        <source>laid</source>
        <comment>surface of a paper</comment>
        <translation>vergé</translation>
    </message>
    <message>
        <source>deep</source>
        <comment>of a colour</comment>
        <translation>profond</translation>
    </message>
    <message>
        <source>dark</source>
        <comment>of a colour</comment>
        <translation>sombre</translation>
    </message>
    <message>
        <source>light</source>
        <comment>of a colour</comment>
        <translation>clair</translation>
    </message>
    <message>
        <source>pale</source>
        <comment>of a colour</comment>
        <translation>pâle</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a colour: light, red</comment>
        <translation>%2 %1</translation>
    </message>
    <message>
        <source>first</source>
        <comment>an answer</comment>
        <translation>le premier</translation>
    </message>
    <message>
        <source>wide</source>
        <comment>a range of values</comment>
        <translation>étendu</translation>
    </message>
    <message>
        <source>%1 mm across, %2 mm from the left and %3 mm from the top: %4, %5.</source>
        <translation>%1 mm de large, à %2 mm de la gauche et %3 mm du haut&#xa0;: %4, %5.</translation>
    </message>
</context>
</TS>
