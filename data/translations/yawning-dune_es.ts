<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
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
        <translation>Dibujo de construcción</translation>
    </message>
    <message>
        <source>%1: row %2 of %3, column %4 of %5; print at 100 %, lay cross on cross</source>
        <translation>%1: fila %2 de %3, columna %4 de %5; imprimir al 100 %, poner cruz sobre cruz</translation>
    </message>
    <message>
        <source>Test card of papers</source>
        <translation>Tarjeta de ensayo de papeles</translation>
    </message>
    <message>
        <source>If a later layer slides off where it should still register, the tooth holds less than is thought; if a single stroke is stronger or weaker, the paper takes more or less off the stick. Read the photograph at Paper, and the program knows this paper.</source>
        <translation>Si una capa tardía resbala donde aún debería agarrar, el grano retiene menos de lo que se cree; si un trazo suelto es más fuerte o más débil, el papel toma más o menos de la barra. Haga leer la foto en Papel, y el programa conoce este papel.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
    <message>
        <source>Swatch card</source>
        <translation>Carta de muestras</translation>
    </message>
    <message>
        <source>Trial card</source>
        <translation>Tarjeta de prueba</translation>
    </message>
    <message>
        <source>Read the photograph at the trial sheet: what was laid stands there beside what was expected, and the program learns your sticks and papers from it.</source>
        <translation>Haga leer la foto en la hoja de prueba: lo que se puso está allí junto a lo que se esperaba, y el programa aprende de ello sus barras y papeles.</translation>
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
        <translation>Enfoque</translation>
    </message>
    <message>
        <source>Save under a name</source>
        <translation>Guardar con un nombre</translation>
    </message>
    <message>
        <source>Keeps these answers, to be taken in any study.</source>
        <translation>Conserva estas respuestas, para tomarlas en cualquier estudio.</translation>
    </message>
    <message>
        <source>Forget this one</source>
        <translation>Olvidar este</translation>
    </message>
    <message>
        <source>Save the approach</source>
        <translation>Guardar el enfoque</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Su nombre</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>answers of your own</source>
        <translation>respuestas propias</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>como está previsto</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>en prueba</translation>
    </message>
    <message>
        <source>As planned: %1</source>
        <translation>Como está previsto: %1</translation>
    </message>
    <message>
        <source>Your way</source>
        <translation>Su manera</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Against the plan as it is: %1.</source>
        <translation>Frente al plan actual: %1.</translation>
    </message>
    <message>
        <source>No answer is right or wrong. Each says what it would change in this picture: how near the finished sheet comes, how many layers it takes, and how long, on the paper and the ground of the plan as it is.</source>
        <translation>Ninguna respuesta es buena o mala. Cada una dice lo que cambiaría en este cuadro: lo cerca que llega la hoja acabada, cuántas capas y cuánto tiempo pide, sobre el papel y el fondo del plan actual.</translation>
    </message>
    <message>
        <source>Ways of working: those that ship, and your own.</source>
        <translation>Modos de trabajar: los que vienen, y los suyos.</translation>
    </message>
    <message>
        <source>Takes this approach off the list; studies that have it keep it.</source>
        <translation>Quita este enfoque de la lista; los estudios que lo tienen lo conservan.</translation>
    </message>
</context>
<context>
    <name>app::AreasLeaf</name>
    <message>
        <source>Areas proposed</source>
        <translation>Zonas propuestas</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Zonas</translation>
    </message>
    <message>
        <source>Fewer or more areas</source>
        <translation>Menos o más zonas</translation>
    </message>
    <message>
        <source>Each step parts one area in two, or joins two.</source>
        <translation>Cada paso divide una zona en dos, o une dos.</translation>
    </message>
    <message>
        <source>Propose anew</source>
        <translation>Proponer de nuevo</translation>
    </message>
    <message>
        <source>This study&apos;s areas were proposed by colour alone. Now things are told from their shadows; what was corrected and named is kept by its place.</source>
        <translation>Las zonas de este estudio se propusieron solo por el color. Ahora se distinguen las cosas de sus sombras; lo corregido y nombrado conserva su lugar.</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Número de zonas</translation>
    </message>
    <message>
        <source>Areas proposed anew</source>
        <translation>Zonas propuestas de nuevo</translation>
    </message>
    <message>
        <source>By scribbles</source>
        <translation>Con garabatos</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Unir zonas</translation>
    </message>
    <message>
        <source>All areas that the scribbles touch become one.</source>
        <translation>Todas las zonas que tocan los trazos se hacen una.</translation>
    </message>
    <message>
        <source>Part the area</source>
        <translation>Dividir la zona</translation>
    </message>
    <message>
        <source>Scribble once on each part: it is parted where its colours change most between them.</source>
        <translation>Un trazo en cada parte: se divide donde más cambian sus colores entre ellos.</translation>
    </message>
    <message>
        <source>Part an area</source>
        <translation>Dividir una zona</translation>
    </message>
    <message>
        <source>New area</source>
        <translation>Zona nueva</translation>
    </message>
    <message>
        <source>What the scribble goes round becomes an area of its own.</source>
        <translation>Lo que rodea el trazo se hace zona propia.</translation>
    </message>
    <message>
        <source>Move the border</source>
        <translation>Mover el límite</translation>
    </message>
    <message>
        <source>Begin in the area that is to grow, and go round what it is to take from its neighbours.</source>
        <translation>Empiece en la zona que ha de crecer y rodee lo que ha de tomar de sus vecinas.</translation>
    </message>
    <message>
        <source>Move a border</source>
        <translation>Mover un límite</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Go loosely round the subject: it is cut out of its background by its colours.</source>
        <translation>Rodee el motivo con holgura: se recorta de su fondo por sus colores.</translation>
    </message>
    <message>
        <source>Cut the subject out</source>
        <translation>Recortar el motivo</translation>
    </message>
    <message>
        <source>Strokes run so</source>
        <translation>Dirección del trazo</translation>
    </message>
    <message>
        <source>Each scribble becomes an arrow: strokes follow it in the area where it begins.</source>
        <translation>Cada trazo se hace flecha: los trazos la siguen en la zona donde empieza.</translation>
    </message>
    <message>
        <source>Wipe off</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>Takes the scribbles off again.</source>
        <translation>Quita los trazos.</translation>
    </message>
    <message>
        <source>The chosen area</source>
        <translation>La zona elegida</translation>
    </message>
    <message>
        <source>Join with…</source>
        <translation>Unir con…</translation>
    </message>
    <message>
        <source>Then click on the area that is to be one with it.</source>
        <translation>Luego pulse la zona que ha de ser una con ella.</translation>
    </message>
    <message>
        <source>Pair with…</source>
        <translation>Emparejar con…</translation>
    </message>
    <message>
        <source>Then click on its fellow, as the other eye: both are planned as one.</source>
        <translation>Luego pulse su compañera, como el otro ojo: ambas se planean juntas.</translation>
    </message>
    <message>
        <source>Plan it apart</source>
        <translation>Planear aparte</translation>
    </message>
    <message>
        <source>It is no longer one of a pair.</source>
        <translation>Ya no forma parte de una pareja.</translation>
    </message>
    <message>
        <source>No arrows in it</source>
        <translation>Sin flechas</translation>
    </message>
    <message>
        <source>No face</source>
        <translation>No es una cara</translation>
    </message>
    <message>
        <source>What was taken for a face here is none: its areas are given back.</source>
        <translation>Lo que aquí se tomó por cara no lo es: sus zonas se devuelven.</translation>
    </message>
    <message>
        <source>as it is seen</source>
        <translation>como se ve</translation>
    </message>
    <message>
        <source>with…</source>
        <translation>con…</translation>
    </message>
    <message>
        <source>Then click on the area that it meets there.</source>
        <translation>Luego pulse la zona con la que se encuentra ahí.</translation>
    </message>
    <message>
        <source>Make its edge</source>
        <translation>Hacer su borde</translation>
    </message>
    <message>
        <source>Another reference comes up: draw a diagonal over the part whose colours the area takes.</source>
        <translation>Aparece otra referencia: trace una diagonal sobre la parte cuyos colores toma la zona.</translation>
    </message>
    <message>
        <source>takes its colours from</source>
        <translation>toma sus colores de</translation>
    </message>
    <message>
        <source>No arrows</source>
        <translation>Sin flechas</translation>
    </message>
    <message>
        <source>Colours of its own</source>
        <translation>Colores propios</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es</translation>
    </message>
    <message>
        <source>Area&apos;s name</source>
        <translation>Nombre de la zona</translation>
    </message>
    <message>
        <source>of</source>
        <translation>tipo</translation>
    </message>
    <message>
        <source>Area&apos;s kind</source>
        <translation>Tipo de la zona</translation>
    </message>
    <message>
        <source>in the</source>
        <translation>en el</translation>
    </message>
    <message>
        <source>Area&apos;s plane</source>
        <translation>Plano de la zona</translation>
    </message>
    <message>
        <source>What the picture is about</source>
        <translation>De lo que trata el cuadro</translation>
    </message>
    <message>
        <source>Direction of the strokes</source>
        <translation>Dirección de los trazos</translation>
    </message>
    <message>
        <source>Plan an area apart</source>
        <translation>Planear una zona aparte</translation>
    </message>
    <message>
        <source>Edge between two areas</source>
        <translation>Borde entre dos zonas</translation>
    </message>
    <message>
        <source>Pair two areas</source>
        <translation>Emparejar dos zonas</translation>
    </message>
    <message>
        <source>Colours from another reference</source>
        <translation>Colores de otra referencia</translation>
    </message>
    <message>
        <source>this picture</source>
        <translation>este cuadro</translation>
    </message>
    <message>
        <source>pair</source>
        <translation>pareja</translation>
    </message>
    <message>
        <source>Draw a diagonal over the part of this reference whose colours the area takes, from its darkest to its lightest. &quot;this picture&quot; gives it its own colours back.</source>
        <translation>Trace una diagonal sobre la parte de esta referencia cuyos colores toma la zona, de lo más oscuro a lo más claro. «este cuadro» le devuelve los suyos.</translation>
    </message>
    <message>
        <source>Click on the area that is to be one with the chosen one.</source>
        <translation>Pulse la zona que ha de ser una con la elegida.</translation>
    </message>
    <message>
        <source>Click on the area with which the chosen one has this edge.</source>
        <translation>Pulse la zona con la que la elegida tiene este borde.</translation>
    </message>
    <message>
        <source>Click on the area that is planned as one with the chosen one.</source>
        <translation>Pulse la zona que se planea junto con la elegida.</translation>
    </message>
    <message numerus="yes">
        <source>%n areas are proposed. Click on one to say what it is; scribble on the picture to correct them.</source>
        <translation>
            <numerusform>Se propone %n zona. Púlsela para decir qué es; garabatee en la imagen para corregirla.</numerusform>
            <numerusform>Se proponen %n zonas. Pulse una para decir qué es; garabatee en la imagen para corregirlas.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2 %)</source>
        <translation>%1 (%2 %)</translation>
    </message>
    <message>
        <source>%1 holds %2 % of the picture.</source>
        <translation>%1 ocupa el %2 % del cuadro.</translation>
    </message>
    <message>
        <source>%1 holds less than 1 % of the picture.</source>
        <translation>%1 ocupa menos del 1 % del cuadro.</translation>
    </message>
    <message>
        <source>It lies in the %1.</source>
        <translation>Plano: %1.</translation>
    </message>
    <message>
        <source>It lies in the %1: %2.</source>
        <translation>Plano: %1; %2.</translation>
    </message>
    <message>
        <source>Its light: %1.</source>
        <translation>Su luz: %1.</translation>
    </message>
    <message>
        <source>Planned together with %1: the same layers, in the same steps.</source>
        <translation>Planeada junto con %1: las mismas capas, en los mismos pasos.</translation>
    </message>
    <message>
        <source>Its colours come from %1.</source>
        <translation>Sus colores vienen de %1.</translation>
    </message>
    <message>
        <source>How many areas are proposed.</source>
        <translation>Cuántas zonas se proponen.</translation>
    </message>
    <message>
        <source>Takes the arrows off: strokes follow none in this area.</source>
        <translation>Quita las flechas: los trazos no siguen ninguna en esta zona.</translation>
    </message>
    <message>
        <source>How hard the border to a neighbour is: hard, soft or lost. As it is seen: measured from how fast the colours change there.</source>
        <translation>Lo duro del borde con una vecina: duro, suave o perdido. Como se ve: medido por lo rápido que cambian ahí los colores.</translation>
    </message>
    <message>
        <source>What you call this area: the plan and the log name it so.</source>
        <translation>Cómo llama a esta zona: así la nombran el plan y el diario.</translation>
    </message>
    <message>
        <source>What it is: the plan gives advice for it and lays its strokes accordingly.</source>
        <translation>Qué es: el plan aconseja para ello y pone así sus trazos.</translation>
    </message>
    <message>
        <source>How near it lies: what is behind is laid first, softer and greyer.</source>
        <translation>Lo cerca que está: lo de detrás se pone primero, más suave y gris.</translation>
    </message>
    <message>
        <source>It may be finished first, and the strongest contrast is held against it.</source>
        <translation>Puede acabarse primero, y el contraste más fuerte se compara con ella.</translation>
    </message>
    <message numerus="yes">
        <source>%n as corrected</source>
        <translation>
            <numerusform>%n tras corregir</numerusform>
            <numerusform>%n tras corregir</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (under 1 %)</source>
        <translation>%1 (menos del 1 %)</translation>
    </message>
</context>
<context>
    <name>app::Beginning</name>
    <message>
        <source>Your picture, measured: areas, values, colours.</source>
        <translation>Su imagen, medida: zonas, valores, colores.</translation>
    </message>
    <message>
        <source>Paper, sticks, underpainting and each layer, in the order of the work.</source>
        <translation>Papel, barras, capa base y cada capa, en el orden del trabajo.</translation>
    </message>
    <message>
        <source>How the sheet will look, before a stroke is laid.</source>
        <translation>Cómo se verá la hoja, antes del primer trazo.</translation>
    </message>
    <message>
        <source>Plan a pastel before you touch the paper</source>
        <translation>Planear un pastel antes de tocar el papel</translation>
    </message>
    <message>
        <source>Open a picture…</source>
        <translation>Abrir una imagen…</translation>
    </message>
    <message>
        <source>or drop a picture or a study anywhere in this window</source>
        <translation>o suelte una imagen o un estudio en cualquier lugar de esta ventana</translation>
    </message>
    <message>
        <source>Open a study…</source>
        <translation>Abrir un estudio…</translation>
    </message>
    <message>
        <source>Try one of these</source>
        <translation>Pruebe uno de estos</translation>
    </message>
    <message>
        <source>Kettle by the window</source>
        <translation>Tetera junto a la ventana</translation>
    </message>
    <message>
        <source>a still life, dark and warm</source>
        <translation>un bodegón, oscuro y cálido</translation>
    </message>
    <message>
        <source>Tea hills at first light</source>
        <translation>Colinas de té al alba</translation>
    </message>
    <message>
        <source>a landscape with mist</source>
        <translation>un paisaje con bruma</translation>
    </message>
    <message>
        <source>Open last</source>
        <translation>Últimos abiertos</translation>
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
        <translation>El paso en curso</translation>
    </message>
    <message>
        <source>as it is laid, so it is kept</source>
        <translation>como se pone, así se anota</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Puesto</translation>
    </message>
    <message>
        <source>The step is laid</source>
        <translation>El paso está puesto</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Take back what was done last</source>
        <translation>Deshacer lo último que se hizo</translation>
    </message>
    <message>
        <source>Lighter</source>
        <translation>Más suave</translation>
    </message>
    <message>
        <source>Laid lighter than planned</source>
        <translation>Puesto más suave de lo previsto</translation>
    </message>
    <message>
        <source>Heavier</source>
        <translation>Más fuerte</translation>
    </message>
    <message>
        <source>Laid heavier than planned</source>
        <translation>Puesto más fuerte de lo previsto</translation>
    </message>
    <message>
        <source>Other stick</source>
        <translation>Otra barra</translation>
    </message>
    <message>
        <source>Another stick was taken</source>
        <translation>Se tomó otra barra</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Saltar</translation>
    </message>
    <message>
        <source>Pass this step over</source>
        <translation>Saltar este paso</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>Write a note</source>
        <translation>Escribir una nota</translation>
    </message>
    <message>
        <source>Photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Keep a photograph of the sheet</source>
        <translation>Guardar una foto de la hoja</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
    <message>
        <source>Pause, or go on</source>
        <translation>Hacer pausa, o seguir</translation>
    </message>
    <message>
        <source>It is dry</source>
        <translation>Está seco</translation>
    </message>
    <message>
        <source>What dries longest is dry already: nothing waits for it any more.</source>
        <translation>Lo que más tarda ya está seco: nada lo espera ya.</translation>
    </message>
    <message>
        <source>Fixed  F</source>
        <translation>Fijado  F</translation>
    </message>
    <message>
        <source>A pass of fixative went over the whole sheet, beside the plan.</source>
        <translation>Se pasó fijador por toda la hoja, fuera del plan.</translation>
    </message>
    <message>
        <source>The sheet was fixed</source>
        <translation>La hoja se fijó</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nunca</translation>
    </message>
    <message>
        <source>Step back every</source>
        <translation>Alejarse cada</translation>
    </message>
    <message>
        <source>Sound when dry</source>
        <translation>Sonido al secar</translation>
    </message>
    <message>
        <source>Watch a folder</source>
        <translation>Vigilar una carpeta</translation>
    </message>
    <message>
        <source>New pictures that a camera puts into a folder are kept by themselves.</source>
        <translation>Las imágenes nuevas que una cámara pone en una carpeta se guardan solas.</translation>
    </message>
    <message>
        <source>Where new photographs arrive</source>
        <translation>Dónde llegan las fotos nuevas</translation>
    </message>
    <message>
        <source>What is left was planned anew: the finished sheet would be %1, and was to be %2.</source>
        <translation>Lo que queda se planeó de nuevo: la hoja acabada sería %1, y debía ser %2.</translation>
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
Espacio</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Empezar</translation>
    </message>
    <message>
        <source>%1
U</source>
        <translation>%1
U</translation>
    </message>
    <message>
        <source>The sheet is dry</source>
        <translation>La hoja está seca</translation>
    </message>
    <message>
        <source>Step %1 is dry</source>
        <translation>El paso %1 está seco</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Paso %1: %2</translation>
    </message>
    <message>
        <source>A photograph of the sheet as it is now</source>
        <translation>Una foto de la hoja como está ahora</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Watching %1</source>
        <translation>Se vigila %1</translation>
    </message>
    <message>
        <source>The fixed sheet</source>
        <translation>La hoja fijada</translation>
    </message>
    <message>
        <source>Dry</source>
        <translation>Seco</translation>
    </message>
    <message>
        <source>%1. Feel it with the back of a finger: what is still cold is not dry.</source>
        <translation>%1. Tóquelo con el dorso del dedo: lo que aún está frío no está seco.</translation>
    </message>
    <message>
        <source>Step back</source>
        <translation>Aléjese</translation>
    </message>
    <message>
        <source>What needs to be lighter, darker, warmer? Tap the dust off; rest your eyes and your shoulders.</source>
        <translation>¿Qué ha de ser más claro, más oscuro, más cálido? Sacuda el polvo; descanse ojos y hombros.</translation>
    </message>
    <message>
        <source>Subject, mirrored, half-closed eyes</source>
        <translation>Motivo, en espejo, ojos entornados</translation>
    </message>
    <message>
        <source>Sheet as planned by now, likewise</source>
        <translation>Hoja prevista hasta ahora, igual</translation>
    </message>
    <message>
        <source>slot %1</source>
        <translation>ranura %1</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>sin empezar</translation>
    </message>
    <message>
        <source>all is laid</source>
        <translation>todo puesto</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n steps</source>
        <translation>
            <numerusform>%1 de %n paso</numerusform>
            <numerusform>%1 de %n pasos</numerusform>
        </translation>
    </message>
    <message>
        <source>The step in hand stands here in large letters, to be read from the easel. Space begins, and then says that a step is laid; Backspace takes that back. S: another stick was taken; L and H: laid lighter or heavier; X passes a step over; N is a note, P a photograph, U a pause; F: the sheet was fixed. Whatever you do is kept at once, and what is left is planned from it.</source>
        <translation>El paso en curso está aquí en letra grande, para leerlo desde el caballete. Espacio empieza, y luego dice que un paso está puesto; Retroceso lo deshace. S: se tomó otra barra; L y H: puesto más suave o más fuerte; X salta un paso; N es una nota, P una foto, U una pausa; F: la hoja se fijó. Lo que haga se guarda enseguida, y lo que queda se planea desde ahí.</translation>
    </message>
    <message>
        <source>No plan yet</source>
        <translation>Aún no hay plan</translation>
    </message>
    <message>
        <source>All is laid</source>
        <translation>Todo está puesto</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Esperar</translation>
    </message>
    <message>
        <source>You noted here: %1.</source>
        <translation>Aquí anotó: %1.</translation>
    </message>
    <message>
        <source>Sheet, all layers laid</source>
        <translation>Hoja, todas las capas puestas</translation>
    </message>
    <message>
        <source>Sheet as it is laid by now</source>
        <translation>Hoja como está puesta hasta ahora</translation>
    </message>
    <message>
        <source>Where step %1 goes, and how hard</source>
        <translation>Dónde va el paso %1, y con qué fuerza</translation>
    </message>
    <message>
        <source>Sheet when step %1 is laid</source>
        <translation>Hoja cuando el paso %1 está puesto</translation>
    </message>
    <message>
        <source>at the end %1</source>
        <translation>al final %1</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Caballete</translation>
    </message>
    <message>
        <source>After so many minutes of work you are asked to step back and look.</source>
        <translation>Tras tantos minutos de trabajo se le pide alejarse y mirar.</translation>
    </message>
    <message>
        <source>A sound when something that you wait for is dry.</source>
        <translation>Un sonido cuando algo que espera está seco.</translation>
    </message>
</context>
<context>
    <name>app::BenchView</name>
    <message>
        <source>The step in hand</source>
        <translation>El paso en curso</translation>
    </message>
    <message>
        <source>The plan is being made</source>
        <translation>Se está haciendo el plan</translation>
    </message>
    <message>
        <source>Its steps stand here as soon as it is there.</source>
        <translation>Sus pasos estarán aquí en cuanto exista.</translation>
    </message>
    <message>
        <source>All is laid</source>
        <translation>Todo está puesto</translation>
    </message>
    <message>
        <source>Tape off, soften the hard edge, sign with a soft stick, glassine: the Log has the last steps, to be ticked.</source>
        <translation>Quitar la cinta, suavizar el borde duro, firmar con barra blanda, papel cristal: el Diario tiene los últimos pasos, para marcar.</translation>
    </message>
    <message>
        <source>There is no place left that could be worked on meanwhile.</source>
        <translation>No queda lugar donde trabajar mientras tanto.</translation>
    </message>
    <message>
        <source>Wait until it is dry</source>
        <translation>Espere a que esté seco</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>instead of the plan&apos;s stick</source>
        <translation>en vez de la barra del plan</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Paso %1 de %2</translation>
    </message>
    <message>
        <source>of about %1</source>
        <translation>de unos %1</translation>
    </message>
    <message>
        <source>%1; Space begins</source>
        <translation>%1; Espacio empieza</translation>
    </message>
    <message>
        <source>at a pause; Space goes on</source>
        <translation>en pausa; Espacio sigue</translation>
    </message>
    <message>
        <source>being kept …</source>
        <translation>guardándose…</translation>
    </message>
    <message>
        <source>Meanwhile here: an earlier place is not dry.</source>
        <translation>Mientras tanto aquí: un lugar anterior no está seco.</translation>
    </message>
    <message>
        <source>This is the last step.</source>
        <translation>Este es el último paso.</translation>
    </message>
    <message>
        <source>Then: %1; %2</source>
        <translation>Luego: %1; %2</translation>
    </message>
</context>
<context>
    <name>app::CardSheet</name>
    <message>
        <source>good</source>
        <translation>bueno</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vacío</translation>
    </message>
    <message>
        <source>glossy</source>
        <translation>brillante</translation>
    </message>
    <message>
        <source>unsure</source>
        <translation>inseguro</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>Filas de la carta</translation>
    </message>
    <message>
        <source>light</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>fuerte</translation>
    </message>
    <message>
        <source>known so far</source>
        <translation>conocido hasta ahora</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>como se leyó</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>a mano</translation>
    </message>
    <message>
        <source>± %1</source>
        <translation>± %1</translation>
    </message>
    <message>
        <source>Swatch card: %1</source>
        <translation>Carta de muestras: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Se está leyendo la foto.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Leyendo la carta</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Tomar estas lecturas</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Dejarlas</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Es</translation>
    </message>
    <message>
        <source>Colour by hand</source>
        <translation>Color a mano</translation>
    </message>
    <message>
        <source>Use the light field</source>
        <translation>Usar el campo suave</translation>
    </message>
    <message>
        <source>Use the medium field</source>
        <translation>Usar el campo medio</translation>
    </message>
    <message>
        <source>Use the heavy field</source>
        <translation>Usar el campo fuerte</translation>
    </message>
    <message>
        <source>This is card %1 as it was printed. Look through the rows, then take the readings.</source>
        <translation>Esta es la carta %1 como se imprimió. Repase las filas, luego tome las lecturas.</translation>
    </message>
    <message>
        <source>This card was not printed from this drawer: its rows are taken for what is shown in the window. Say for each row what it is if they are others.</source>
        <translation>Esta carta no se imprimió desde este cajón: sus filas se toman por lo que muestra la ventana. Diga de cada fila qué es si son otras.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>Row %1</source>
        <translation>Fila %1</translation>
    </message>
    <message>
        <source>It is given to nothing.</source>
        <translation>No corresponde a nada.</translation>
    </message>
    <message>
        <source>No field of it can be used.</source>
        <translation>Ninguno de sus campos sirve.</translation>
    </message>
    <message>
        <source>Against what was known: %1.</source>
        <translation>Frente a lo conocido: %1.</translation>
    </message>
    <message numerus="yes">
        <source>Take %n readings</source>
        <translation>
            <numerusform>Tomar %n lectura</numerusform>
            <numerusform>Tomar %n lecturas</numerusform>
        </translation>
    </message>
    <message>
        <source>Read a swatch card</source>
        <translation>Leer una carta de muestras</translation>
    </message>
    <message numerus="yes">
        <source>%n readings were taken from the card.</source>
        <translation>
            <numerusform>Se tomó %n lectura de la carta.</numerusform>
            <numerusform>Se tomaron %n lecturas de la carta.</numerusform>
        </translation>
    </message>
    <message>
        <source>Your hand lays more than is usual (%1 times).</source>
        <translation>Su mano pone más de lo usual (%1 veces).</translation>
    </message>
    <message>
        <source>Your hand lays less than is usual (%1 times).</source>
        <translation>Su mano pone menos de lo usual (%1 veces).</translation>
    </message>
    <message>
        <source>Your hand lays about as much as is usual.</source>
        <translation>Su mano pone más o menos lo usual.</translation>
    </message>
</context>
<context>
    <name>app::ChangesSheet</name>
    <message>
        <source>%1 is kept in the picture</source>
        <translation>%1 se mantiene en el cuadro</translation>
    </message>
    <message>
        <source>%1 is left out of the picture</source>
        <translation>%1 se deja fuera del cuadro</translation>
    </message>
    <message>
        <source>%1 is laid in the place of %2</source>
        <translation>%1 se pone en lugar de %2</translation>
    </message>
    <message>
        <source>%1: its layers are yours</source>
        <translation>%1: las capas son suyas</translation>
    </message>
    <message>
        <source>%1: its ground is mixed by you</source>
        <translation>%1: el fondo lo mezcló usted</translation>
    </message>
    <message>
        <source>%1: without %2</source>
        <translation>%1: sin %2</translation>
    </message>
    <message>
        <source>%1: layer %2 is laid at another time, as step %3</source>
        <translation>%1: la capa %2 se pone en otro momento, como paso %3</translation>
    </message>
    <message>
        <source>An evening ends after step %1</source>
        <translation>Una jornada acaba tras el paso %1</translation>
    </message>
    <message>
        <source>All that you set by hand</source>
        <translation>Todo lo que usted fijó a mano</translation>
    </message>
    <message>
        <source>The plan is made around it. What is set back is the plan&apos;s.</source>
        <translation>El plan se hace alrededor. Lo que se devuelve vuelve al plan.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Devolver</translation>
    </message>
    <message>
        <source>Set back: %1</source>
        <translation>Devolver: %1</translation>
    </message>
    <message>
        <source>Nothing is left that you have set.</source>
        <translation>No queda nada fijado por usted.</translation>
    </message>
</context>
<context>
    <name>app::CheckStation</name>
    <message>
        <source>What the work wants</source>
        <translation>Lo que pide el trabajo</translation>
    </message>
    <message>
        <source>read from a photograph of it</source>
        <translation>leído de una foto suya</translation>
    </message>
    <message>
        <source>Photograph…</source>
        <translation>Foto…</translation>
    </message>
    <message>
        <source>A photograph of the whole sheet, from straight before it, with some of the board round it</source>
        <translation>Una foto de toda la hoja, de frente, con algo de tablero alrededor</translation>
    </message>
    <message>
        <source>Corners by hand</source>
        <translation>Esquinas a mano</translation>
    </message>
    <message>
        <source>Set the picture&apos;s four corners in the photograph yourself</source>
        <translation>Ponga usted las cuatro esquinas del cuadro en la foto</translation>
    </message>
    <message>
        <source>Laid up to step</source>
        <translation>Puesto hasta el paso</translation>
    </message>
    <message>
        <source>Against the plan</source>
        <translation>Frente al plan</translation>
    </message>
    <message>
        <source>Against the subject</source>
        <translation>Frente al motivo</translation>
    </message>
    <message>
        <source>Has it been laid as it was meant?</source>
        <translation>¿Está puesto como debía?</translation>
    </message>
    <message>
        <source>What is left to do?</source>
        <translation>¿Qué queda por hacer?</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Zonas</translation>
    </message>
    <message>
        <source>What each area wants, from the worst to the best</source>
        <translation>Lo que pide cada zona, de la peor a la mejor</translation>
    </message>
    <message>
        <source>The way</source>
        <translation>El camino</translation>
    </message>
    <message>
        <source>The photographs that were kept, and how near each was</source>
        <translation>Las fotos guardadas, y lo cerca que estaba cada una</translation>
    </message>
    <message>
        <source>Reading the photograph</source>
        <translation>Leyendo la foto</translation>
    </message>
    <message>
        <source>Only keep it</source>
        <translation>Solo guardarla</translation>
    </message>
    <message>
        <source>The photograph goes into the log; the plan stays as it is</source>
        <translation>La foto va al diario; el plan queda como está</translation>
    </message>
    <message>
        <source>Take the corrections</source>
        <translation>Tomar las correcciones</translation>
    </message>
    <message>
        <source>What is left is planned anew from the sheet as the photograph shows it</source>
        <translation>Lo que queda se planea de nuevo desde la hoja como la muestra la foto</translation>
    </message>
    <message>
        <source>A photograph of the sheet as it is now</source>
        <translation>Una foto de la hoja como está ahora</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;All files (*)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>The photograph is read against the plan: wait until that is made.</source>
        <translation>La foto se lee frente al plan: espere a que esté hecho.</translation>
    </message>
    <message>
        <source>%1 If it is there, set its corners by hand: click them in the photograph.</source>
        <translation>%1 Si está ahí, ponga sus esquinas a mano: púlselas en la foto.</translation>
    </message>
    <message>
        <source>The photograph is upside down; it was read turned.</source>
        <translation>La foto está del revés; se leyó girada.</translation>
    </message>
    <message>
        <source>The photograph lies on its side; it was read turned.</source>
        <translation>La foto está de lado; se leyó girada.</translation>
    </message>
    <message numerus="yes">
        <source>Take %n corrections</source>
        <translation>
            <numerusform>Tomar %n corrección</numerusform>
            <numerusform>Tomar %n correcciones</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 from the plan</source>
        <translation>a %1 del plan</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>todavía no</translation>
    </message>
    <message numerus="yes">
        <source>%n photographs</source>
        <translation>
            <numerusform>%n foto</numerusform>
            <numerusform>%n fotos</numerusform>
        </translation>
    </message>
    <message>
        <source>Photograph the whole sheet from straight before it, evenly lit, with some of the board round it; a grey card beside it makes the colours surer. Check tells what each area is off by against the plan or the subject, what would mend it, and plans what is left from there. Hold A to lay what it is compared with over the work.</source>
        <translation>Fotografíe toda la hoja de frente, con luz pareja y algo de tablero alrededor; una tarjeta gris al lado da más certeza a los colores. Control dice cuánto se aparta cada zona del plan o del motivo, qué la corregiría, y planea lo que queda desde ahí. Mantenga A para poner sobre el trabajo aquello con que se compara.</translation>
    </message>
    <message>
        <source>Sheet as planned after step %1</source>
        <translation>Hoja prevista tras el paso %1</translation>
    </message>
    <message>
        <source>The work after step %1</source>
        <translation>El trabajo tras el paso %1</translation>
    </message>
    <message>
        <source>%1 from the subject</source>
        <translation>a %1 del motivo</translation>
    </message>
    <message>
        <source>No photograph is read</source>
        <translation>No se ha leído ninguna foto</translation>
    </message>
    <message>
        <source>Photograph the sheet on its board and give the picture here, or drop it on this panel.</source>
        <translation>Fotografíe la hoja en su tablero y dé la imagen aquí, o suéltela en este panel.</translation>
    </message>
    <message>
        <source>%1 of %2 steps are laid. A photograph gains most at the end: what is laid after it has its own faults, which it cannot show.</source>
        <translation>%1 de %2 pasos están puestos. Una foto ayuda más al final: lo que se pone después tiene sus propias faltas, que ella no puede mostrar.</translation>
    </message>
    <message>
        <source>Against the plan: %1, %2.</source>
        <translation>Frente al plan: %1, %2.</translation>
    </message>
    <message>
        <source>Against the subject: %1, %2.</source>
        <translation>Frente al motivo: %1, %2.</translation>
    </message>
    <message>
        <source>To be laid for it</source>
        <translation>Para ello se pone</translation>
    </message>
    <message>
        <source>The photograph&apos;s own error could explain what it is off the plan.</source>
        <translation>El error de la propia foto podría explicar lo que se aparta del plan.</translation>
    </message>
    <message>
        <source>What comes first</source>
        <translation>Lo primero</translation>
    </message>
    <message>
        <source>Nothing stands out: go on as planned.</source>
        <translation>Nada destaca: siga como está previsto.</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>The Bench tells of no laid step: corrections can be taken once it does.</source>
        <translation>El Caballete no sabe de ningún paso puesto: se pueden tomar correcciones cuando lo sepa.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Control</translation>
    </message>
    <message>
        <source>Up to which step the sheet was laid when it was photographed.</source>
        <translation>Hasta qué paso estaba puesta la hoja al fotografiarla.</translation>
    </message>
    <message>
        <source>a place in: %1</source>
        <translation>un lugar en: %1</translation>
    </message>
    <message>
        <source>The area as a whole:</source>
        <translation>La zona en conjunto:</translation>
    </message>
</context>
<context>
    <name>app::ColourLeaf</name>
    <message>
        <source>Chroma</source>
        <translation>Croma</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>Contraste</translation>
    </message>
    <message>
        <source>Lighter</source>
        <translation>Más suave</translation>
    </message>
    <message>
        <source>Warmer</source>
        <translation>Más cálido</translation>
    </message>
    <message>
        <source>−0.3 steps </source>
        <translation>−0,3 pasos </translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Todo el cuadro</translation>
    </message>
    <message>
        <source>Chooses for the whole picture again; a click on the subject chooses for the area there.</source>
        <translation>Elige de nuevo para todo el cuadro; una pulsación en el motivo elige para la zona de ahí.</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Devolver</translation>
    </message>
    <message>
        <source>Softer, calmer, a little lighter and bluer: further away.</source>
        <translation>Más suave, más tranquilo, algo más claro y azul: más lejos.</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Como está</translation>
    </message>
    <message>
        <source>Set an area back</source>
        <translation>Devolver una zona</translation>
    </message>
    <message>
        <source>Colours as they are</source>
        <translation>Colores como están</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 pasos</translation>
    </message>
    <message>
        <source>after</source>
        <translation>después</translation>
    </message>
    <message>
        <source>before: as photographed</source>
        <translation>antes: como se fotografió</translation>
    </message>
    <message>
        <source>You choose for the whole picture. Click on the subject to choose for an area alone.</source>
        <translation>Elige para todo el cuadro. Pulse el motivo para elegir solo para una zona.</translation>
    </message>
    <message>
        <source>You choose for %1.</source>
        <translation>Elige para %1.</translation>
    </message>
    <message>
        <source>Whole picture: %1.</source>
        <translation>Todo el cuadro: %1.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>How vivid it is meant, against the photograph.</source>
        <translation>Lo vivo que se quiere, frente a la foto.</translation>
    </message>
    <message>
        <source>How far its values are meant apart, against the photograph.</source>
        <translation>Lo separados que se quieren sus valores, frente a la foto.</translation>
    </message>
    <message>
        <source>By how many value steps it is meant lighter or darker.</source>
        <translation>En cuántos pasos de valor se quiere más claro o más oscuro.</translation>
    </message>
    <message>
        <source>How far its colours are meant towards orange or blue.</source>
        <translation>Lo que se quieren sus colores hacia el naranja o el azul.</translation>
    </message>
    <message>
        <source>Takes back all that is changed here on purpose.</source>
        <translation>Deshace todo lo cambiado aquí a propósito.</translation>
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
        <translation>Tomar un color</translation>
    </message>
    <message>
        <source>Click where the swatch lies flat in even daylight; arrow keys move the spot. A photograph shows its own light: a swatch card or a colour reader tells a colour better.</source>
        <translation>Pulse donde la muestra está plana con luz de día pareja; las flechas mueven el punto. Una foto muestra su propia luz: una carta de muestras o un lector de color lo dice mejor.</translation>
    </message>
    <message>
        <source>Nothing is picked yet.</source>
        <translation>Aún no se ha tomado nada.</translation>
    </message>
    <message>
        <source>Take this colour</source>
        <translation>Tomar este color</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>%1, value %2, chroma %3</source>
        <translation>%1, valor %2, croma %3</translation>
    </message>
    <message>
        <source>Detach it</source>
        <translation>Soltarla</translation>
    </message>
</context>
<context>
    <name>app::CornersByHand</name>
    <message>
        <source>Click the picture&apos;s upper left corner</source>
        <translation>Pulse la esquina superior izquierda del cuadro</translation>
    </message>
    <message>
        <source>Click the picture&apos;s upper right corner</source>
        <translation>Pulse la esquina superior derecha del cuadro</translation>
    </message>
    <message>
        <source>Click the picture&apos;s lower right corner</source>
        <translation>Pulse la esquina inferior derecha del cuadro</translation>
    </message>
    <message>
        <source>Click the picture&apos;s lower left corner</source>
        <translation>Pulse la esquina inferior izquierda del cuadro</translation>
    </message>
</context>
<context>
    <name>app::CurveLeaf</name>
    <message>
        <source>Picture difference by the number of sticks</source>
        <translation>Diferencia del cuadro según el número de barras</translation>
    </message>
    <message>
        <source> ΔE00</source>
        <translation> ΔE00</translation>
    </message>
    <message>
        <source>As few as keep it within</source>
        <translation>Las menos que la mantengan en</translation>
    </message>
    <message>
        <source>No number does</source>
        <translation>Ningún número lo logra</translation>
    </message>
    <message>
        <source>Number of sticks</source>
        <translation>Número de barras</translation>
    </message>
    <message numerus="yes">
        <source>Take %n sticks</source>
        <translation>
            <numerusform>Tomar %n barra</numerusform>
            <numerusform>Tomar %n barras</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 ΔE00</source>
        <translation>%1 ΔE00</translation>
    </message>
    <message>
        <source>sticks at most</source>
        <translation>barras como máximo</translation>
    </message>
    <message>
        <source>sticks at most; more numbers are being tried</source>
        <translation>barras como máximo; se prueban más números</translation>
    </message>
    <message>
        <source>from here on more gain little</source>
        <translation>desde aquí, más aporta poco</translation>
    </message>
    <message>
        <source>How many sticks</source>
        <translation>Cuántas barras</translation>
    </message>
    <message>
        <source>Each point is a whole plan with so many sticks at most. Click one to take that number.</source>
        <translation>Cada punto es un plan entero con tantas barras como máximo. Pulse uno para tomar ese número.</translation>
    </message>
    <message numerus="yes">
        <source>With at most %n sticks the finished sheet is %1 (%2).</source>
        <translation>
            <numerusform>Con %n barra como máximo, la hoja acabada es %1 (%2).</numerusform>
            <numerusform>Con %n barras como máximo, la hoja acabada es %1 (%2).</numerusform>
        </translation>
    </message>
    <message>
        <source>The curve bends at %1: below it every stick counts, above it more gain little.</source>
        <translation>La curva dobla en %1: por debajo cuenta cada barra, por encima más aporta poco.</translation>
    </message>
    <message>
        <source>More than %1 are not taken up: what they gain is less than what picking them up costs.</source>
        <translation>No se toman más de %1: lo que aportan es menos de lo que cuesta cambiarlas.</translation>
    </message>
    <message>
        <source>How much farther off than with all sticks the sheet may be.</source>
        <translation>Cuánto más lejos puede estar la hoja que con todas las barras.</translation>
    </message>
    <message>
        <source>Takes the least number of sticks that stays within this.</source>
        <translation>Toma el menor número de barras que quede dentro.</translation>
    </message>
</context>
<context>
    <name>app::Desk</name>
    <message>
        <source>The drawer has no stick, pencil or pan that is not used up, so those of the starter materials are taken: put your own in under Materials.</source>
        <translation>El cajón no tiene barra, lápiz ni godet que no esté gastado, así que se toman los del material inicial: ponga los suyos en Material.</translation>
    </message>
    <message>
        <source>There is no tray %1 any more: choose another.</source>
        <translation>Ya no hay bandeja %1: elija otra.</translation>
    </message>
    <message>
        <source>The tray %1 has no stick, pencil or pan to plan with that is not used up: put some into it.</source>
        <translation>La bandeja %1 no tiene barra, lápiz ni godet sin gastar con que planear: ponga alguno.</translation>
    </message>
    <message>
        <source>Draw from %1</source>
        <translation>Tomar de %1</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>todo el cajón</translation>
    </message>
</context>
<context>
    <name>app::DifferenceStrip</name>
    <message>
        <source>Areas from the worst to the best</source>
        <translation>Zonas de la peor a la mejor</translation>
    </message>
    <message>
        <source>Here the areas will stand, the worst first, with what would mend each.</source>
        <translation>Aquí estarán las zonas, la peor primero, con lo que corregiría cada una.</translation>
    </message>
</context>
<context>
    <name>app::DrawerView</name>
    <message>
        <source>Drawer</source>
        <translation>Cajón</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing in the drawer is like that.</source>
        <translation>Nada en el cajón es así.</translation>
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
        <translation>El motivo, y el dibujo</translation>
    </message>
    <message>
        <source>None of the subject&apos;s shapes is to be found in the drawing: draw their outlines closed and dark, then photograph it again.</source>
        <translation>No se halla ninguna forma del motivo en el dibujo: trace contornos cerrados y oscuros y fotografíe de nuevo.</translation>
    </message>
</context>
<context>
    <name>app::ExportSheet</name>
    <message>
        <source>Write the plan for the easel</source>
        <translation>Escribir el plan para el caballete</translation>
    </message>
    <message>
        <source>Everything goes into one folder, with plan.json, which other programs read. What an earlier plan left there is replaced; other files stay.</source>
        <translation>Todo va a una carpeta, con plan.json, que leen otros programas. Lo que dejó allí un plan anterior se sustituye; los demás archivos quedan.</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Carpeta</translation>
    </message>
    <message>
        <source>Choose a folder…</source>
        <translation>Elegir una carpeta…</translation>
    </message>
    <message>
        <source>Sheets to print (PDF): plan, sticks to pull, a page for each step and evening</source>
        <translation>Hojas para imprimir (PDF): plan, barras que sacar, una página por paso y por jornada</translation>
    </message>
    <message>
        <source>Tables of the steps and of the sticks to pull (CSV)</source>
        <translation>Tablas de los pasos y de las barras que sacar (CSV)</translation>
    </message>
    <message>
        <source>The sheet after each step (PNG)</source>
        <translation>La hoja tras cada paso (PNG)</translation>
    </message>
    <message>
        <source>Where each step goes and how hard (PNG)</source>
        <translation>Dónde va cada paso y con qué fuerza (PNG)</translation>
    </message>
    <message>
        <source>The sheet with a layer for each stage of the work (OpenRaster)</source>
        <translation>La hoja con una capa por fase del trabajo (OpenRaster)</translation>
    </message>
    <message>
        <source>The colours of the sticks (palette text file, .gpl)</source>
        <translation>Los colores de las barras (paleta en texto, .gpl)</translation>
    </message>
    <message>
        <source>Writing the plan</source>
        <translation>Escribiendo el plan</translation>
    </message>
    <message>
        <source>Write the plan</source>
        <translation>Escribir el plan</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>A folder for the plan</source>
        <translation>Una carpeta para el plan</translation>
    </message>
    <message>
        <source>The plan is in %1.</source>
        <translation>El plan está en %1.</translation>
    </message>
</context>
<context>
    <name>app::FamiliesLeaf</name>
    <message>
        <source>Limited palette</source>
        <translation>Paleta limitada</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>como está previsto</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>en prueba</translation>
    </message>
    <message>
        <source>as many as serve</source>
        <translation>cuantas sirvan</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguna</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>como máximo %1</translation>
    </message>
    <message>
        <source>A limited palette</source>
        <translation>Una paleta limitada</translation>
    </message>
    <message>
        <source>Fewer colours hold a picture together. Say how many sticks of each family it may have; each palette says what it would change in this picture. Black, white and greys are a family of their own.</source>
        <translation>Menos colores unen un cuadro. Diga cuántas barras de cada familia puede tener; cada paleta dice lo que cambiaría en este cuadro. Negro, blanco y grises son familia aparte.</translation>
    </message>
    <message>
        <source>Earths are known by their pigments, or by a warm hue of little light where none is said; all else by its look.</source>
        <translation>Las tierras se conocen por sus pigmentos o, si no se dicen, por un tono cálido de poca luz; todo lo demás por su aspecto.</translation>
    </message>
    <message>
        <source>A palette of few colours: the whole plan is tried with it.</source>
        <translation>Una paleta de pocos colores: todo el plan se prueba con ella.</translation>
    </message>
    <message>
        <source>How many sticks of this family the picture may have.</source>
        <translation>Cuántas barras de esta familia puede tener el cuadro.</translation>
    </message>
</context>
<context>
    <name>app::FrameLeaf</name>
    <message>
        <source>leading</source>
        <translation>principal</translation>
    </message>
    <message>
        <source>The references are pinned up here.</source>
        <translation>Aquí están las referencias.</translation>
    </message>
    <message>
        <source>References</source>
        <translation>Referencias</translation>
    </message>
    <message>
        <source>Open picture…</source>
        <translation>Abrir imagen…</translation>
    </message>
    <message>
        <source>Pin up another…</source>
        <translation>Fijar otra…</translation>
    </message>
    <message>
        <source>A second reference: areas may take their colours from it.</source>
        <translation>Una segunda referencia: las zonas pueden tomar de ella sus colores.</translation>
    </message>
    <message>
        <source>Take it down</source>
        <translation>Descolgarla</translation>
    </message>
    <message>
        <source>The reference that is looked at, with the colours that areas took from it.</source>
        <translation>La referencia que se mira, con los colores que las zonas tomaron de ella.</translation>
    </message>
    <message>
        <source>Take a reference down</source>
        <translation>Descolgar una referencia</translation>
    </message>
    <message>
        <source>With the line</source>
        <translation>Con la línea</translation>
    </message>
    <message>
        <source>Level by it</source>
        <translation>Nivelar por ella</translation>
    </message>
    <message>
        <source>Turns the picture so that the line is level, or plumb if it is steep.</source>
        <translation>Gira la imagen hasta que la línea esté a nivel, o a plomo si es empinada.</translation>
    </message>
    <message>
        <source>Crop to it</source>
        <translation>Recortar a ella</translation>
    </message>
    <message>
        <source>Takes the line for a diagonal and shows that part, grown to the sheet&apos;s format.</source>
        <translation>Toma la línea por diagonal y muestra esa parte, ampliada al formato de la hoja.</translation>
    </message>
    <message>
        <source>Crop freely</source>
        <translation>Recortar libremente</translation>
    </message>
    <message>
        <source>The same, and the sheet&apos;s height follows.</source>
        <translation>Lo mismo, y la altura de la hoja la sigue.</translation>
    </message>
    <message>
        <source>Point at a grey</source>
        <translation>Señalar un gris</translation>
    </message>
    <message>
        <source>Then click on something that is grey in truth: the picture&apos;s cast is taken off by it.</source>
        <translation>Luego pulse algo que sea gris de verdad: la dominante de la imagen se quita según él.</translation>
    </message>
    <message>
        <source>As photographed</source>
        <translation>Como se fotografió</translation>
    </message>
    <message>
        <source>The whole reference again, not turned, with the colours that it came with.</source>
        <translation>De nuevo toda la referencia, sin girar, con sus colores de origen.</translation>
    </message>
    <message>
        <source>Seen under</source>
        <translation>Visto con</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Luz</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Título</translation>
    </message>
    <message>
        <source>own size</source>
        <translation>tamaño propio</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>de ancho</translation>
    </message>
    <message>
        <source>high</source>
        <translation>de alto</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Nivelar</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Sheet size</source>
        <translation>Tamaño de la hoja</translation>
    </message>
    <message>
        <source>The sheet shows %1 % of the reference&apos;s width</source>
        <translation>La hoja muestra el %1 % del ancho de la referencia</translation>
    </message>
    <message>
        <source>The reference is cut to the sheet&apos;s format from its middle</source>
        <translation>La referencia se corta al formato de la hoja desde su centro</translation>
    </message>
    <message>
        <source>it is turned by %1°</source>
        <translation>está girada %1°</translation>
    </message>
    <message>
        <source>its cast is taken off by the grey that you pointed at</source>
        <translation>su dominante se quita según el gris que señaló</translation>
    </message>
    <message>
        <source>Click on something that is grey in truth: stone, a white wall in shade, a grey card.</source>
        <translation>Pulse algo que sea gris de verdad: piedra, una pared blanca en sombra, una tarjeta gris.</translation>
    </message>
    <message>
        <source>Planned to be seen under %1. Hold T to see subject and sheet under %2.</source>
        <translation>Previsto para verse con %1. Mantenga T para ver motivo y hoja con %2.</translation>
    </message>
    <message>
        <source>The horizon runs through the middle (%1 % down) and cuts the picture into halves: crop so that it lies on a third.</source>
        <translation>El horizonte pasa por el medio (%1 % desde arriba) y corta el cuadro en mitades: recorte para que quede en un tercio.</translation>
    </message>
    <message>
        <source>The horizon lies %1 % down, off the middle.</source>
        <translation>El horizonte está al %1 % desde arriba, fuera del medio.</translation>
    </message>
    <message>
        <source>Also pinned up: %1. Under Areas, an area may take its colours from there.</source>
        <translation>También fijadas: %1. En Zonas, una zona puede tomar de ahí sus colores.</translation>
    </message>
    <message>
        <source>A photograph of the subject: a new study begins with it.</source>
        <translation>Una foto del motivo: con ella empieza un estudio nuevo.</translation>
    </message>
    <message>
        <source>The light that the picture will be seen in: colours are matched for it, each light with its spectrum.</source>
        <translation>La luz en que se verá el cuadro: los colores se ajustan a ella, cada luz con su espectro.</translation>
    </message>
    <message>
        <source>What the study is called, on the plan and in the log.</source>
        <translation>Cómo se llama el estudio, en el plan y en el diario.</translation>
    </message>
    <message>
        <source>Usual sizes of sheets; the picture is cut to the format.</source>
        <translation>Tamaños usuales de hoja; la imagen se corta al formato.</translation>
    </message>
    <message>
        <source>How wide the picture is on the sheet, in millimetres.</source>
        <translation>Lo ancho del cuadro en la hoja, en milímetros.</translation>
    </message>
    <message>
        <source>How high the picture is on the sheet, in millimetres.</source>
        <translation>Lo alto del cuadro en la hoja, en milímetros.</translation>
    </message>
</context>
<context>
    <name>app::GapsLeaf</name>
    <message>
        <source>What would be worth buying</source>
        <translation>Lo que valdría comprar</translation>
    </message>
    <message>
        <source>%1, %2, number %3: brings the picture %4 nearer</source>
        <translation>%1, %2, número %3: acerca el cuadro %4</translation>
    </message>
    <message>
        <source>Sticks that are not at hand are being tried.</source>
        <translation>Se prueban barras que no están a mano.</translation>
    </message>
    <message>
        <source>Nothing that is not at hand would bring this picture nearer.</source>
        <translation>Nada que no esté a mano acercaría este cuadro.</translation>
    </message>
    <message>
        <source>What to buy</source>
        <translation>Qué comprar</translation>
    </message>
    <message>
        <source>Of all sticks in the starter materials that you do not own, and of what you have used up, those that would bring this picture nearest: each was planned with as if you had it.</source>
        <translation>De todas las barras del material inicial que no tiene, y de lo que ha gastado, las que más acercarían este cuadro: con cada una se planeó como si la tuviera.</translation>
    </message>
    <message>
        <source>With %1 the difference falls from %2 to %3.</source>
        <translation>Con %1 la diferencia baja de %2 a %3.</translation>
    </message>
    <message>
        <source>What each gains is told for it alone: two alike do not gain twice.</source>
        <translation>Lo que aporta cada una vale para ella sola: dos parecidas no aportan el doble.</translation>
    </message>
</context>
<context>
    <name>app::GoalField</name>
    <message>
        <source>Goal</source>
        <translation>Meta</translation>
    </message>
    <message>
        <source>What is ranked first: each goal weighs colour, work, tooth and sparkle otherwise.</source>
        <translation>Lo que va primero: cada meta pesa de otro modo color, trabajo, grano y centelleo.</translation>
    </message>
</context>
<context>
    <name>app::GroupingsLeaf</name>
    <message>
        <source>Groupings of the values</source>
        <translation>Agrupaciones de los valores</translation>
    </message>
    <message>
        <source>Take this grouping</source>
        <translation>Tomar esta agrupación</translation>
    </message>
    <message>
        <source>Grouping of the values</source>
        <translation>Agrupación de los valores</translation>
    </message>
    <message>
        <source>%1: taken</source>
        <translation>%1: tomada</translation>
    </message>
    <message>
        <source>%1 % dark, %2 % medium, %3 % light</source>
        <translation>%1 % oscuro, %2 % medio, %3 % claro</translation>
    </message>
    <message>
        <source>Four ways to group the same subject into %1 masses. Half-close your eyes: take the one that still says what the picture is about.</source>
        <translation>Cuatro modos de agrupar el mismo motivo en %1 masas. Entorne los ojos: tome el que aún diga de qué trata el cuadro.</translation>
    </message>
    <message>
        <source>It reads as %1.</source>
        <translation>Se lee como %1.</translation>
    </message>
    <message>
        <source>Parts the masses as in the grouping that is chosen.</source>
        <translation>Separa las masas como en la agrupación elegida.</translation>
    </message>
</context>
<context>
    <name>app::KeptFields</name>
    <message>
        <source>none</source>
        <translation>ninguna</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Resto</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Caja</translation>
    </message>
    <message>
        <source>Slot</source>
        <translation>Ranura</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notas</translation>
    </message>
    <message>
        <source>Tried on</source>
        <translation>Probado en</translation>
    </message>
    <message>
        <source>Photos</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>What is left</source>
        <translation>Lo que queda</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Attach a photograph…</source>
        <translation>Adjuntar una foto…</translation>
    </message>
    <message>
        <source>Attach…</source>
        <translation>Adjuntar…</translation>
    </message>
    <message>
        <source>How much of it is left; what is used up is not planned with.</source>
        <translation>Cuánto queda; con lo gastado no se planea.</translation>
    </message>
    <message>
        <source>The box that it lies in.</source>
        <translation>La caja en que está.</translation>
    </message>
    <message>
        <source>Which place in the box is its own.</source>
        <translation>Cuál es su lugar en la caja.</translation>
    </message>
    <message>
        <source>What you noticed about it.</source>
        <translation>Lo que notó de ello.</translation>
    </message>
    <message>
        <source>Keeps a photograph of it, as of its label.</source>
        <translation>Guarda una foto suya, como de la etiqueta.</translation>
    </message>
</context>
<context>
    <name>app::Ladder</name>
    <message>
        <source>Value ladder</source>
        <translation>Escala de valores</translation>
    </message>
    <message>
        <source>Up and down choose a mark between two masses, left and right move it</source>
        <translation>Arriba y abajo eligen una marca entre dos masas, izquierda y derecha la mueven</translation>
    </message>
    <message>
        <source>black</source>
        <translation>negro</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanco</translation>
    </message>
    <message>
        <source>%1, %2 %</source>
        <translation>%1, %2 %</translation>
    </message>
    <message>
        <source>Mass at value %1, %2 % of the picture</source>
        <translation>Masa en el valor %1, %2 % del cuadro</translation>
    </message>
</context>
<context>
    <name>app::LayersStation</name>
    <message>
        <source>steps %1 to %2 (%3)</source>
        <translation>pasos %1 a %2 (%3)</translation>
    </message>
    <message>
        <source>Evenings: %1. Each ends with nothing wet and nothing half blended.</source>
        <translation>Jornadas: %1. Cada una acaba sin nada mojado ni difuminado a medias.</translation>
    </message>
    <message>
        <source>Step %1 at another time</source>
        <translation>El paso %1 en otro momento</translation>
    </message>
    <message>
        <source>Only the layer of %1, which is selected, is moved.</source>
        <translation>Solo se mueve la capa de %1, que está elegida.</translation>
    </message>
    <message>
        <source>It stays where it is.</source>
        <translation>Queda donde está.</translation>
    </message>
    <message>
        <source>It is laid between steps %1 and %2.</source>
        <translation>Se pone entre los pasos %1 y %2.</translation>
    </message>
    <message>
        <source>It is laid last.</source>
        <translation>Se pone al final.</translation>
    </message>
    <message>
        <source>The bare sheet</source>
        <translation>La hoja desnuda</translation>
    </message>
    <message>
        <source>All layers laid</source>
        <translation>Todas las capas puestas</translation>
    </message>
    <message>
        <source>The finished sheet is %1.</source>
        <translation>La hoja acabada es %1.</translation>
    </message>
    <message>
        <source>%1 of %2, in %3. With half-closed eyes the difference is %4.</source>
        <translation>%1 de %2, en %3. Con ojos entornados la diferencia es %4.</translation>
    </message>
    <message>
        <source>Set by hand: %1.</source>
        <translation>Fijado a mano: %1.</translation>
    </message>
    <message>
        <source>Move the pointer under the section, or use the arrow keys, to lay the steps down one by one: the subject then shows where each goes and how hard. Drag a step along its row to lay it at another time.</source>
        <translation>Mueva el puntero bajo el corte, o use las flechas, para poner los pasos uno a uno: el motivo muestra entonces dónde va cada uno y con qué fuerza. Arrastre un paso por su fila para ponerlo en otro momento.</translation>
    </message>
    <message>
        <source>Click an area in a picture or in the section to read how it is made.</source>
        <translation>Pulse una zona en una imagen o en el corte para leer cómo se hace.</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Paso %1: %2</translation>
    </message>
    <message>
        <source>Everything, in a few lines.</source>
        <translation>Todo, en unas líneas.</translation>
    </message>
    <message>
        <source>Layer %1 of %2 there: %3.</source>
        <translation>Ahí, capa %1 de %2: %3.</translation>
    </message>
    <message>
        <source>Then wait %1.</source>
        <translation>Luego esperar %1.</translation>
    </message>
    <message>
        <source>It dries %1 of a step lighter: judge it when it is dry.</source>
        <translation>Al secar aclara %1 de paso: júzguelo seco.</translation>
    </message>
    <message>
        <source>It dries %1 of a step darker: judge it when it is dry.</source>
        <translation>Al secar oscurece %1 de paso: júzguelo seco.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>In the hand</source>
        <translation>En la mano</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>On the finished sheet it is %1 (%2).</source>
        <translation>En la hoja acabada es %1 (%2).</translation>
    </message>
    <message>
        <source>It holds %1 % of the picture. The tooth is at most %2 % full.</source>
        <translation>Ocupa el %1 % del cuadro. El grano está lleno al %2 % como máximo.</translation>
    </message>
    <message>
        <source>Not to be laid here: %1.</source>
        <translation>No poner aquí: %1.</translation>
    </message>
    <message>
        <source>You have chosen here. Left to the plan the picture would be: %1.</source>
        <translation>Usted eligió aquí. Dejado al plan, el cuadro sería: %1.</translation>
    </message>
    <message>
        <source>You have chosen here. What the plan would make of it is being tried.</source>
        <translation>Usted eligió aquí. Se prueba lo que haría el plan.</translation>
    </message>
    <message>
        <source>Under %1 parts of it are %2 farther off than under %3.</source>
        <translation>Con %1, partes suyas se apartan %2 más que con %3.</translation>
    </message>
    <message>
        <source>Its layers, from the paper up</source>
        <translation>Sus capas, desde el papel</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>step %1, %2: %3</source>
        <translation>paso %1, %2: %3</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Capas</translation>
    </message>
    <message>
        <source>The layers are planned as soon as the subject is read.</source>
        <translation>Las capas se planean en cuanto se lee el motivo.</translation>
    </message>
    <message>
        <source>The section</source>
        <translation>El corte</translation>
    </message>
    <message>
        <source>layers from the paper up</source>
        <translation>capas desde el papel</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Corte</translation>
    </message>
    <message>
        <source>The cut through the sheet, and its steps in time</source>
        <translation>El corte de la hoja, y sus pasos en el tiempo</translation>
    </message>
    <message>
        <source>Approach</source>
        <translation>Enfoque</translation>
    </message>
    <message>
        <source>How you go about it, and what another way would change</source>
        <translation>Cómo lo aborda, y qué cambiaría de otro modo</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>Detalle</translation>
    </message>
    <message>
        <source>Cut along a line</source>
        <translation>Cortar por una línea</translation>
    </message>
    <message>
        <source>Draw a line over the subject: the section then runs along it.</source>
        <translation>Trace una línea sobre el motivo: el corte la sigue.</translation>
    </message>
    <message>
        <source>Cut the whole sheet</source>
        <translation>Cortar toda la hoja</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>any length</source>
        <translation>sin límite</translation>
    </message>
    <message>
        <source>Evenings of</source>
        <translation>Jornadas de</translation>
    </message>
    <message>
        <source>End an evening after this step</source>
        <translation>Acabar una jornada tras este paso</translation>
    </message>
    <message>
        <source>Change its layers</source>
        <translation>Cambiar sus capas</translation>
    </message>
    <message>
        <source>Sets the layers of the area that is selected.</source>
        <translation>Fija las capas de la zona elegida.</translation>
    </message>
    <message>
        <source>Set it back</source>
        <translation>Devolver</translation>
    </message>
    <message>
        <source>Leaves the layers of the area, or the time of the step, to the plan again.</source>
        <translation>Deja de nuevo al plan las capas de la zona, o el momento del paso.</translation>
    </message>
    <message>
        <source>All that you have set by hand, each to be set back.</source>
        <translation>Todo lo que fijó a mano, para devolverlo uno a uno.</translation>
    </message>
    <message>
        <source>Lay this step earlier</source>
        <translation>Poner este paso antes</translation>
    </message>
    <message>
        <source>Lay this step later</source>
        <translation>Poner este paso después</translation>
    </message>
    <message>
        <source>Evenings</source>
        <translation>Jornadas</translation>
    </message>
    <message>
        <source>Layers moved in time</source>
        <translation>Capas movidas en el tiempo</translation>
    </message>
    <message>
        <source>Time left to the approach</source>
        <translation>Momento dejado al enfoque</translation>
    </message>
    <message>
        <source>Layers set by hand</source>
        <translation>Capas fijadas a mano</translation>
    </message>
    <message>
        <source>Layers left to the plan</source>
        <translation>Capas dejadas al plan</translation>
    </message>
    <message>
        <source>Stick barred from an area</source>
        <translation>Barra excluida de una zona</translation>
    </message>
    <message>
        <source>End of an evening</source>
        <translation>Fin de una jornada</translation>
    </message>
    <message>
        <source>All you set (%1)</source>
        <translation>Todo lo que fija (%1)</translation>
    </message>
    <message>
        <source>Something is wet or half blended after this step.</source>
        <translation>Algo está mojado o difuminado a medias tras este paso.</translation>
    </message>
    <message>
        <source>It is step %1 now, with as many changes of stick as before.</source>
        <translation>Ahora es el paso %1, con tantos cambios de barra como antes.</translation>
    </message>
    <message>
        <source>It is step %1 now. Changes of stick: %2 more.</source>
        <translation>Ahora es el paso %1. Cambios de barra: %2 más.</translation>
    </message>
    <message>
        <source>It is step %1 now. Changes of stick: %2 fewer.</source>
        <translation>Ahora es el paso %1. Cambios de barra: %2 menos.</translation>
    </message>
    <message>
        <source>not planned yet</source>
        <translation>sin planear aún</translation>
    </message>
    <message>
        <source>Sheet, bare</source>
        <translation>Hoja desnuda</translation>
    </message>
    <message>
        <source>Sheet after step %1 of %2</source>
        <translation>Hoja tras el paso %1 de %2</translation>
    </message>
    <message>
        <source>at the end %1</source>
        <translation>al final %1</translation>
    </message>
    <message>
        <source>Where step %1 goes, and how hard</source>
        <translation>Dónde va el paso %1, y con qué fuerza</translation>
    </message>
    <message>
        <source>The cut through your sheet: each area from dark to light, its layers from the paper up. Drag the time below it to see each step go on, and where it goes on the subject.</source>
        <translation>El corte de su hoja: cada zona de oscuro a claro, sus capas desde el papel. Arrastre el tiempo de abajo para ver ponerse cada paso, y dónde va en el motivo.</translation>
    </message>
    <message>
        <source>How small the marks may be: finer ones come nearer and take longer.</source>
        <translation>Lo pequeñas que pueden ser las marcas: las finas se acercan más y tardan más.</translation>
    </message>
    <message>
        <source>The cut goes through all areas again, from dark to light.</source>
        <translation>El corte pasa de nuevo por todas las zonas, de oscuro a claro.</translation>
    </message>
    <message>
        <source>How long you work at a stretch: the steps are cut so that nothing wet or half blended is left.</source>
        <translation>Cuánto trabaja de una vez: los pasos se cortan de modo que no quede nada mojado ni difuminado a medias.</translation>
    </message>
    <message>
        <source>You stop after the step that is shown.</source>
        <translation>Usted para tras el paso mostrado.</translation>
    </message>
</context>
<context>
    <name>app::ListSheet</name>
    <message>
        <source>Take in %1</source>
        <translation>Añadir %1</translation>
    </message>
    <message>
        <source>Say above each column what it tells. Nothing is changed before you take the list in.</source>
        <translation>Diga sobre cada columna qué contiene. Nada cambia hasta que añada la lista.</translation>
    </message>
    <message>
        <source>First rows</source>
        <translation>Primeras filas</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papel</translation>
    </message>
    <message>
        <source>New things that say no kind are</source>
        <translation>Las cosas nuevas sin tipo son</translation>
    </message>
    <message>
        <source>Its colours were</source>
        <translation>Sus colores fueron</translation>
    </message>
    <message>
        <source>Rows that cannot be taken</source>
        <translation>Filas que no se pueden añadir</translation>
    </message>
    <message>
        <source>Reading the list</source>
        <translation>Leyendo la lista</translation>
    </message>
    <message>
        <source>Take in</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>The list is being read.</source>
        <translation>Se está leyendo la lista.</translation>
    </message>
    <message>
        <source>passed over</source>
        <translation>saltado</translation>
    </message>
    <message>
        <source>Column %1</source>
        <translation>Columna %1</translation>
    </message>
    <message>
        <source>No row can be taken in.</source>
        <translation>No se puede añadir ninguna fila.</translation>
    </message>
    <message numerus="yes">
        <source>%n rows can be taken in: %1 new, %2 that change what is in the drawer.</source>
        <translation>
            <numerusform>Se puede añadir %n fila: %1 nuevas, %2 que cambian lo que hay en el cajón.</numerusform>
            <numerusform>Se pueden añadir %n filas: %1 nuevas, %2 que cambian lo que hay en el cajón.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>These %n cannot:</source>
        <translation>
            <numerusform>Esta (%n) no:</numerusform>
            <numerusform>Estas %n no:</numerusform>
        </translation>
    </message>
    <message>
        <source>This list</source>
        <translation>Esta lista</translation>
    </message>
    <message numerus="yes">
        <source>… and %n more.</source>
        <translation>
            <numerusform>… y %n más.</numerusform>
            <numerusform>… y %n más.</numerusform>
        </translation>
    </message>
    <message>
        <source>Take in the %1 good rows</source>
        <translation>Añadir las %1 filas buenas</translation>
    </message>
    <message>
        <source>The list could not be written: see what the window says.</source>
        <translation>La lista no pudo escribirse: vea lo que dice la ventana.</translation>
    </message>
</context>
<context>
    <name>app::LogStation</name>
    <message>
        <source>The log</source>
        <translation>El diario</translation>
    </message>
    <message>
        <source>what was done, as it was kept</source>
        <translation>lo que se hizo, como se guardó</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Días</translation>
    </message>
    <message>
        <source>Evenings, steps, notes; a search over all logs</source>
        <translation>Jornadas, pasos, notas; una búsqueda en todos los diarios</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Avance</translation>
    </message>
    <message>
        <source>Photographs over the sheet as planned for the same moment</source>
        <translation>Fotos sobre la hoja prevista para el mismo momento</translation>
    </message>
    <message>
        <source>Finishing</source>
        <translation>Acabado</translation>
    </message>
    <message>
        <source>What is left to do when all is laid</source>
        <translation>Lo que queda por hacer cuando todo está puesto</translation>
    </message>
    <message>
        <source>Card for the back…</source>
        <translation>Ficha para el dorso…</translation>
    </message>
    <message>
        <source>What was used and how long it took, as PDF or CSV.</source>
        <translation>Lo que se usó y cuánto tardó, como PDF o CSV.</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Ritmo</translation>
    </message>
    <message>
        <source>Planned against real minutes, and what is learnt from it</source>
        <translation>Minutos previstos y reales, y lo que se aprende</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Existencias</translation>
    </message>
    <message>
        <source>What the sticks have probably lost</source>
        <translation>Lo que probablemente perdieron las barras</translation>
    </message>
    <message>
        <source>Card for the picture&apos;s back</source>
        <translation>Ficha para el dorso del cuadro</translation>
    </message>
    <message>
        <source>Card (*.pdf);;A row an entry (*.csv)</source>
        <translation>Ficha (*.pdf);;Una fila por entrada (*.csv)</translation>
    </message>
    <message>
        <source>Where did I use … ?</source>
        <translation>¿Dónde usé … ?</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>In all logs</source>
        <translation>En todos los diarios</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Lo que se hizo</translation>
    </message>
    <message>
        <source>%1: %2 at the easel for %3, planned %4</source>
        <translation>%1: %2 en el caballete para %3, previsto %4</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Nothing has been done yet: the Bench keeps what you do.</source>
        <translation>Aún no se ha hecho nada: el Caballete guarda lo que haga.</translation>
    </message>
    <message>
        <source>Nothing is found of that.</source>
        <translation>No se halla nada de eso.</translation>
    </message>
    <message>
        <source>%1, step %2</source>
        <translation>%1, paso %2</translation>
    </message>
    <message>
        <source>The card is written as .pdf or .csv: give the file one of these endings.</source>
        <translation>La ficha se escribe como .pdf o .csv: dé al archivo una de estas extensiones.</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vacío</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Everything that was done at the easel stands here in its order, with your notes and photographs. Search for a stick, an area or a word, in this log or in all; the card for the picture&apos;s back tells what was used and how long it took.</source>
        <translation>Todo lo que se hizo en el caballete está aquí en orden, con sus notas y fotos. Busque una barra, una zona o una palabra, en este diario o en todos; la ficha para el dorso dice lo que se usó y cuánto tardó.</translation>
    </message>
    <message>
        <source>This was taken back.</source>
        <translation>Esto se deshizo.</translation>
    </message>
    <message>
        <source>%1 were planned for it.</source>
        <translation>Se preveían %1 para ello.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Lo que se usó</translation>
    </message>
    <message>
        <source>Nothing is laid yet.</source>
        <translation>Aún no hay nada puesto.</translation>
    </message>
    <message>
        <source>Sheet as planned after step %1</source>
        <translation>Hoja prevista tras el paso %1</translation>
    </message>
    <message>
        <source>Photographed after step %1</source>
        <translation>Fotografiado tras el paso %1</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Diario</translation>
    </message>
    <message>
        <source>A stick, an area or any word of a note.</source>
        <translation>Una barra, una zona o una palabra de una nota.</translation>
    </message>
    <message>
        <source>Searches the logs of all studies.</source>
        <translation>Busca en los diarios de todos los estudios.</translation>
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
        <translation>Planeando de nuevo</translation>
    </message>
    <message>
        <source>Planning stopped</source>
        <translation>Planificación detenida</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>What is done at the easel is kept in the study&apos;s file: save the study first.</source>
        <translation>Lo que se hace en el caballete se guarda en el archivo del estudio: guarde antes el estudio.</translation>
    </message>
    <message>
        <source>This is not kept yet, so nothing has moved on. %1</source>
        <translation>Esto aún no está guardado, así que nada avanzó. %1</translation>
    </message>
    <message>
        <source>What you choose cannot be kept for the case of a crash; save the study elsewhere. %1</source>
        <translation>Lo que elige no puede guardarse para caso de fallo; guarde el estudio en otro lugar. %1</translation>
    </message>
    <message>
        <source>Planning</source>
        <translation>Planeando</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Detener</translation>
    </message>
    <message>
        <source>&amp;Study</source>
        <translation>&amp;Estudio</translation>
    </message>
    <message>
        <source>New from picture…</source>
        <translation>Nuevo desde una imagen…</translation>
    </message>
    <message>
        <source>Pin up another reference…</source>
        <translation>Fijar otra referencia…</translation>
    </message>
    <message>
        <source>Open study…</source>
        <translation>Abrir un estudio…</translation>
    </message>
    <message>
        <source>Open the demo study &quot;Kettle&quot;</source>
        <translation>Abrir el estudio de ejemplo «Tetera»</translation>
    </message>
    <message>
        <source>Open the demo study &quot;Tea hills&quot;</source>
        <translation>Abrir el estudio de ejemplo «Colinas de té»</translation>
    </message>
    <message>
        <source>Open the demo evening at the easel</source>
        <translation>Abrir la jornada de ejemplo en el caballete</translation>
    </message>
    <message>
        <source>Begin another sheet of this study</source>
        <translation>Empezar otra hoja de este estudio</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Guardar como…</translation>
    </message>
    <message>
        <source>Write the plan for the easel…</source>
        <translation>Escribir el plan para el caballete…</translation>
    </message>
    <message>
        <source>Export construction drawing (SVG, PDF)…</source>
        <translation>Exportar el dibujo de construcción (SVG, PDF)…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>E&amp;dición</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Stop reading or planning</source>
        <translation>Detener la lectura o la planificación</translation>
    </message>
    <message>
        <source>I work with the left hand</source>
        <translation>Trabajo con la mano izquierda</translation>
    </message>
    <message>
        <source>The hand that works</source>
        <translation>La mano que trabaja</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>&amp;Mirar</translation>
    </message>
    <message>
        <source>Squint (hold Q)</source>
        <translation>Entornar los ojos (mantener Q)</translation>
    </message>
    <message>
        <source>Values only (hold W)</source>
        <translation>Solo valores (mantener W)</translation>
    </message>
    <message>
        <source>Mirror (hold E)</source>
        <translation>Espejo (mantener E)</translation>
    </message>
    <message>
        <source>Upside down (hold D)</source>
        <translation>Del revés (mantener D)</translation>
    </message>
    <message>
        <source>What the sheet is compared with, in its place (hold A)</source>
        <translation>Con qué se compara la hoja, en su lugar (mantener A)</translation>
    </message>
    <message>
        <source>Grid (R)</source>
        <translation>Cuadrícula (R)</translation>
    </message>
    <message>
        <source>Under lamp light, or daylight again (hold T)</source>
        <translation>Con luz de lámpara, o de día otra vez (mantener T)</translation>
    </message>
    <message>
        <source>Nearer</source>
        <translation>Más cerca</translation>
    </message>
    <message>
        <source>Further</source>
        <translation>Más lejos</translation>
    </message>
    <message>
        <source>The sheet from 2 cm</source>
        <translation>La hoja desde 2 cm</translation>
    </message>
    <message>
        <source>The sheet from 20 cm</source>
        <translation>La hoja desde 20 cm</translation>
    </message>
    <message>
        <source>The sheet from 2 m</source>
        <translation>La hoja desde 2 m</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Todo el cuadro</translation>
    </message>
    <message>
        <source>Mid grey frame</source>
        <translation>Marco gris medio</translation>
    </message>
    <message>
        <source>Evening frame</source>
        <translation>Marco de noche</translation>
    </message>
    <message>
        <source>Words and controls larger</source>
        <translation>Palabras y controles más grandes</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Words and controls have %1 % of their usual size from the next start on.</source>
        <translation>Palabras y controles tienen el %1 % de su tamaño usual desde el próximo inicio.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Como el sistema</translation>
    </message>
    <message>
        <source>Yawning Dune speaks this language from its next start on.</source>
        <translation>Yawning Dune habla este idioma desde su próximo inicio.</translation>
    </message>
    <message>
        <source>&amp;Route</source>
        <translation>&amp;Ruta</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
    <message>
        <source>Trial sheet, with what is in hand</source>
        <translation>Hoja de prueba, con lo que está en la mano</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>Working safely</source>
        <translation>Trabajar sin riesgo</translation>
    </message>
    <message>
        <source>Notes of a first study again</source>
        <translation>Ver de nuevo las notas del primer estudio</translation>
    </message>
    <message>
        <source>About Yawning Dune</source>
        <translation>Acerca de Yawning Dune</translation>
    </message>
    <message>
        <source>Yawning Dune %1 plans soft-pastel pictures: paper, sticks, underpainting and the order of layers.
Free software under the GNU GPL, version 3 or later.</source>
        <translation>Yawning Dune %1 planea cuadros al pastel blando: papel, barras, capa base y orden de las capas.
Software libre bajo la GNU GPL, versión 3 o posterior.</translation>
    </message>
    <message>
        <source>no plan yet</source>
        <translation>aún sin plan</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>New study</source>
        <translation>Estudio nuevo</translation>
    </message>
    <message>
        <source>%1[*] · Yawning Dune</source>
        <translation>%1[*] · Yawning Dune</translation>
    </message>
    <message>
        <source>%1, both under %2</source>
        <translation>%1, ambos con %2</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg *.tif *.tiff *.webp)</translation>
    </message>
    <message>
        <source>Your materials cannot be read</source>
        <translation>No se puede leer su material</translation>
    </message>
    <message>
        <source>%1 Plan this picture with the starter materials meanwhile?</source>
        <translation>%1 ¿Planear entretanto este cuadro con el material inicial?</translation>
    </message>
    <message>
        <source>The plan is not ready yet: wait until it is made, then export it.</source>
        <translation>El plan aún no está listo: espere a que se haga, luego expórtelo.</translation>
    </message>
    <message>
        <source>There is nothing to construct yet: open a picture first.</source>
        <translation>Aún no hay nada que construir: abra primero una imagen.</translation>
    </message>
    <message>
        <source>A construction drawing is exported as .svg or .pdf: give the file one of these endings.</source>
        <translation>Un dibujo de construcción se exporta como .svg o .pdf: dé al archivo una de estas extensiones.</translation>
    </message>
    <message>
        <source>Unsaved choices</source>
        <translation>Elecciones sin guardar</translation>
    </message>
    <message>
        <source>This study has choices that are not saved.</source>
        <translation>Este estudio tiene elecciones sin guardar.</translation>
    </message>
    <message>
        <source>Open picture</source>
        <translation>Abrir imagen</translation>
    </message>
    <message>
        <source>Open study</source>
        <translation>Abrir estudio</translation>
    </message>
    <message>
        <source>Studies (*.dune)</source>
        <translation>Estudios (*.dune)</translation>
    </message>
    <message>
        <source>Save study</source>
        <translation>Guardar estudio</translation>
    </message>
    <message>
        <source>Pin up another reference</source>
        <translation>Fijar otra referencia</translation>
    </message>
    <message>
        <source>Export the construction drawing</source>
        <translation>Exportar el dibujo de construcción</translation>
    </message>
    <message>
        <source>Real size (*.svg);;A4 pages to join (*.pdf)</source>
        <translation>Tamaño real (*.svg);;Páginas A4 para unir (*.pdf)</translation>
    </message>
    <message>
        <source>Manual, at this page</source>
        <translation>Manual, en esta página</translation>
    </message>
    <message>
        <source>All keys</source>
        <translation>Todas las teclas</translation>
    </message>
    <message>
        <source>Stops what is being made, or goes on with it; nothing is lost.</source>
        <translation>Detiene lo que se hace, o sigue con ello; nada se pierde.</translation>
    </message>
    <message>
        <source>Study</source>
        <translation>Estudio</translation>
    </message>
    <message>
        <source>Waiting for what is still under way on this study</source>
        <translation>Espera a lo que aún está en curso en este estudio</translation>
    </message>
    <message>
        <source>Stay with this study</source>
        <translation>Quedarse en este estudio</translation>
    </message>
</context>
<context>
    <name>app::ManualWindow</name>
    <message>
        <source>Index</source>
        <translation>Índice</translation>
    </message>
    <message>
        <source>Manual · Yawning Dune</source>
        <translation>Manual · Yawning Dune</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>Buscar en el manual</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Páginas del manual</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Página</translation>
    </message>
    <message>
        <source>All keys</source>
        <translation>Todas las teclas</translation>
    </message>
    <message>
        <source>Nothing in the manual is like that.</source>
        <translation>Nada en el manual es así.</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Tecla</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Qué hace</translation>
    </message>
    <message>
        <source>Held keys</source>
        <translation>Teclas mantenidas</translation>
    </message>
    <message>
        <source>Hold Q to squint, W for values only, E to mirror, D for upside down, A for what the sheet is compared with, T for lamp light. R draws a grid and takes it away. These stand under Look too.</source>
        <translation>Mantenga Q para entornar los ojos, W para solo valores, E para el espejo, D para ponerlo del revés, A para aquello con que se compara la hoja, T para luz de lámpara. R dibuja una cuadrícula y la quita. Todo está también en Mirar.</translation>
    </message>
    <message>
        <source>Lists the pages that have these words.</source>
        <translation>Lista las páginas que tienen estas palabras.</translation>
    </message>
</context>
<context>
    <name>app::Margin</name>
    <message>
        <source>Margin</source>
        <translation>Margen</translation>
    </message>
    <message>
        <source>Understood</source>
        <translation>Entendido</translation>
    </message>
    <message>
        <source>Take note</source>
        <translation>Atención</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Por qué</translation>
    </message>
    <message>
        <source>Mind</source>
        <translation>Cuidado</translation>
    </message>
    <message>
        <source>Takes this note away; Help brings all notes back.</source>
        <translation>Quita esta nota; Ayuda las trae todas.</translation>
    </message>
</context>
<context>
    <name>app::Materials</name>
    <message>
        <source>Tools</source>
        <translation>Útiles</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papeles</translation>
    </message>
    <message>
        <source>Greys, black, white</source>
        <translation>Grises, negro, blanco</translation>
    </message>
    <message>
        <source>In no box</source>
        <translation>En ninguna caja</translation>
    </message>
    <message>
        <source>Likely the same: %1</source>
        <translation>Quizá lo mismo: %1</translation>
    </message>
    <message>
        <source>Nearest first</source>
        <translation>Los más cercanos primero</translation>
    </message>
</context>
<context>
    <name>app::MaterialsWindow</name>
    <message>
        <source>&amp;Drawer</source>
        <translation>&amp;Cajón</translation>
    </message>
    <message>
        <source>Put something new into it…</source>
        <translation>Poner algo nuevo…</translation>
    </message>
    <message>
        <source>Change what it is…</source>
        <translation>Cambiar lo que es…</translation>
    </message>
    <message>
        <source>Attach a photograph…</source>
        <translation>Adjuntar una foto…</translation>
    </message>
    <message>
        <source>Attach a photograph</source>
        <translation>Adjuntar una foto</translation>
    </message>
    <message>
        <source>Try on the trial sheet</source>
        <translation>Probar en la hoja de prueba</translation>
    </message>
    <message>
        <source>Take in a list…</source>
        <translation>Añadir una lista…</translation>
    </message>
    <message>
        <source>Take in a list</source>
        <translation>Añadir una lista</translation>
    </message>
    <message>
        <source>Lists, palettes, readings, drawers (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)</source>
        <translation>Listas, paletas, lecturas, cajones (*.csv *.tsv *.gpl *.txt *.cgats *.ti3 *.sp *.json)</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportar…</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportar</translation>
    </message>
    <message>
        <source>List of what is shown (*.csv);;Its colours as a palette (*.gpl);;Its colours as readings, CGATS (*.txt);;The whole drawer (*.json)</source>
        <translation>Lista de lo mostrado (*.csv);;Sus colores como paleta (*.gpl);;Sus colores como lecturas, CGATS (*.txt);;Todo el cajón (*.json)</translation>
    </message>
    <message>
        <source>Print swatch cards for what is shown, A4…</source>
        <translation>Imprimir cartas de muestras de lo mostrado, A4…</translation>
    </message>
    <message>
        <source>Print swatch cards for what is shown, Letter…</source>
        <translation>Imprimir cartas de muestras de lo mostrado, Carta…</translation>
    </message>
    <message>
        <source>Print swatch cards</source>
        <translation>Imprimir cartas de muestras</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Tarjetas (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled card…</source>
        <translation>Leer una carta rellena…</translation>
    </message>
    <message>
        <source>Read a filled card</source>
        <translation>Leer una carta rellena</translation>
    </message>
    <message>
        <source>Colour reader…</source>
        <translation>Lector de color…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>E&amp;dición</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Deshacer: %1</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Rehacer: %1</translation>
    </message>
    <message>
        <source>Select all that is shown</source>
        <translation>Elegir todo lo mostrado</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Hallar</translation>
    </message>
    <message>
        <source>Find a colour out of a photograph…</source>
        <translation>Hallar un color de una foto…</translation>
    </message>
    <message>
        <source>Find a colour</source>
        <translation>Hallar un color</translation>
    </message>
    <message>
        <source>Show what is likely there twice</source>
        <translation>Mostrar lo que quizá está dos veces</translation>
    </message>
    <message>
        <source>Make one of what is chosen</source>
        <translation>Hacer uno de lo elegido</translation>
    </message>
    <message>
        <source>Take out of the drawer</source>
        <translation>Sacar del cajón</translation>
    </message>
    <message>
        <source>&amp;Tray</source>
        <translation>&amp;Bandeja</translation>
    </message>
    <message>
        <source>Put what is chosen into a tray…</source>
        <translation>Poner lo elegido en una bandeja…</translation>
    </message>
    <message>
        <source>Take what is chosen out of this tray</source>
        <translation>Sacar lo elegido de esta bandeja</translation>
    </message>
    <message>
        <source>Call this tray otherwise…</source>
        <translation>Llamar de otro modo esta bandeja…</translation>
    </message>
    <message>
        <source>Give this tray up</source>
        <translation>Dejar esta bandeja</translation>
    </message>
    <message>
        <source>Into a tray</source>
        <translation>En una bandeja</translation>
    </message>
    <message>
        <source>A tray that is there, or a new name:</source>
        <translation>Una bandeja que existe, o un nombre nuevo:</translation>
    </message>
    <message>
        <source>Into the tray %1</source>
        <translation>En la bandeja %1</translation>
    </message>
    <message>
        <source>Show a tray first: what is chosen is then taken out of it.</source>
        <translation>Muestre antes una bandeja: lo elegido se saca entonces de ella.</translation>
    </message>
    <message>
        <source>Out of the tray %1</source>
        <translation>Fuera de la bandeja %1</translation>
    </message>
    <message>
        <source>Show a tray first: it can then be called otherwise.</source>
        <translation>Muestre antes una bandeja: entonces se puede llamar de otro modo.</translation>
    </message>
    <message>
        <source>Tray</source>
        <translation>Bandeja</translation>
    </message>
    <message>
        <source>Its new name:</source>
        <translation>Su nombre nuevo:</translation>
    </message>
    <message>
        <source>There is a tray called %1 already: take another name.</source>
        <translation>Ya hay una bandeja llamada %1: tome otro nombre.</translation>
    </message>
    <message>
        <source>Call the tray %1</source>
        <translation>Llamar la bandeja %1</translation>
    </message>
    <message>
        <source>Show a tray first: it can then be given up. Its things stay.</source>
        <translation>Muestre antes una bandeja: entonces se puede dejar. Sus cosas quedan.</translation>
    </message>
    <message>
        <source>Give up the tray %1</source>
        <translation>Dejar la bandeja %1</translation>
    </message>
    <message>
        <source>Choose two or more that are one and the same, all sticks or paints, all papers or all tools.</source>
        <translation>Elija dos o más que sean lo mismo, todas barras o pinturas, todo papeles o todo útiles.</translation>
    </message>
    <message>
        <source>Make one of %1</source>
        <translation>Hacer uno: %1</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Tomar un color</translation>
    </message>
    <message>
        <source>Choose sticks and paints, papers or tools alone: they are told in other words.</source>
        <translation>Elija solo barras y pinturas, papeles o útiles: se describen con otras palabras.</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>Cambiar %1</translation>
    </message>
    <message numerus="yes">
        <source>Change %n things</source>
        <translation>
            <numerusform>Cambiar %n cosa</numerusform>
            <numerusform>Cambiar %n cosas</numerusform>
        </translation>
    </message>
    <message>
        <source>Put in %1</source>
        <translation>Poner %1</translation>
    </message>
    <message>
        <source>Pick its colour</source>
        <translation>Tomar su color</translation>
    </message>
    <message>
        <source>Detach a photograph</source>
        <translation>Soltar una foto</translation>
    </message>
    <message>
        <source>What was taken in before is still being written: wait until it is shown.</source>
        <translation>Lo añadido antes aún se escribe: espere a verlo.</translation>
    </message>
    <message>
        <source>List taken in</source>
        <translation>Lista añadida</translation>
    </message>
    <message numerus="yes">
        <source>%n things were taken in; undoing gives back what was before.</source>
        <translation>
            <numerusform>Se añadió %n cosa; deshacer devuelve lo de antes.</numerusform>
            <numerusform>Se añadieron %n cosas; deshacer devuelve lo de antes.</numerusform>
        </translation>
    </message>
    <message>
        <source>Taking in a drawer</source>
        <translation>Añadiendo un cajón</translation>
    </message>
    <message>
        <source>The file is being read.</source>
        <translation>Se está leyendo el archivo.</translation>
    </message>
    <message>
        <source>Take in %1</source>
        <translation>Añadir %1</translation>
    </message>
    <message>
        <source>Drawer taken in</source>
        <translation>Cajón añadido</translation>
    </message>
    <message>
        <source>%1 and %2 were taken in; undoing gives back what was before.</source>
        <translation>Se añadieron %1 y %2; deshacer devuelve lo de antes.</translation>
    </message>
    <message>
        <source>A drawer is exported as .csv, .gpl, .txt or .json: give the file one of these endings.</source>
        <translation>Un cajón se exporta como .csv, .gpl, .txt o .json: dé al archivo una de estas extensiones.</translation>
    </message>
    <message>
        <source>Nothing that is shown has a colour: show some sticks, then print cards for them.</source>
        <translation>Nada de lo mostrado tiene color: muestre barras, luego imprima cartas para ellas.</translation>
    </message>
    <message>
        <source>Cards can be printed for %1 things at once: show fewer.</source>
        <translation>Se pueden imprimir cartas para %1 cosas a la vez: muestre menos.</translation>
    </message>
    <message>
        <source>Card read</source>
        <translation>Carta leída</translation>
    </message>
    <message>
        <source>Materials · Yawning Dune</source>
        <translation>Material · Yawning Dune</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Mostrar</translation>
    </message>
    <message>
        <source>hue and value</source>
        <translation>tono y valor</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>tipo</translation>
    </message>
    <message>
        <source>box</source>
        <translation>caja</translation>
    </message>
    <message>
        <source>by</source>
        <translation>por</translation>
    </message>
    <message>
        <source>Lay out by</source>
        <translation>Disponer por</translation>
    </message>
    <message>
        <source>words, or a colour: #rrggbb</source>
        <translation>palabras, o un color: #rrggbb</translation>
    </message>
    <message>
        <source>Runs low</source>
        <translation>Se acaba</translation>
    </message>
    <message>
        <source>Nearest to this</source>
        <translation>Cercanos a esto</translation>
    </message>
    <message>
        <source>Tried on</source>
        <translation>Probado en</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>todo el cajón</translation>
    </message>
    <message>
        <source>tray: %1</source>
        <translation>bandeja: %1</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Material</translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in this tray. The Sticks station lets a study draw from it alone.</source>
        <translation>
            <numerusform>%n cosa está en esta bandeja. En Barras, un estudio puede tomar solo de ella.</numerusform>
            <numerusform>%n cosas están en esta bandeja. En Barras, un estudio puede tomar solo de ella.</numerusform>
        </translation>
    </message>
    <message>
        <source>New studies draw from all that is not used up.</source>
        <translation>Los estudios nuevos toman de todo lo que no está gastado.</translation>
    </message>
    <message>
        <source>Mixtures of your own, to be laid on the trial sheet (Y): %1.</source>
        <translation>Mezclas propias, para poner en la hoja de prueba (Y): %1.</translation>
    </message>
    <message>
        <source>It lies in: %1.</source>
        <translation>Está en: %1.</translation>
    </message>
    <message>
        <source>It is in your own: %1.</source>
        <translation>Entra en sus mezclas: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n things chosen</source>
        <translation>
            <numerusform>%n cosa elegida</numerusform>
            <numerusform>%n cosas elegidas</numerusform>
        </translation>
    </message>
    <message>
        <source>What you say below goes for all of them.</source>
        <translation>Lo que diga abajo vale para todas.</translation>
    </message>
    <message numerus="yes">
        <source>%n things lie in the drawer. Choose some to read what is known of them and to say what is left, where they lie and what you noticed.</source>
        <translation>
            <numerusform>%n cosa está en el cajón. Elíjala para leer lo que se sabe de ella y decir lo que queda, dónde está y qué notó.</numerusform>
            <numerusform>%n cosas están en el cajón. Elija alguna para leer lo que se sabe de ellas y decir lo que queda, dónde están y qué notó.</numerusform>
        </translation>
    </message>
    <message>
        <source>All that you have, or one tray of it.</source>
        <translation>Todo lo que tiene, o una bandeja.</translation>
    </message>
    <message>
        <source>By what things lie together.</source>
        <translation>Por qué están juntas las cosas.</translation>
    </message>
    <message>
        <source>Words that a thing has, or a colour as #rrggbb: what comes nearest is first.</source>
        <translation>Palabras de una cosa, o un color como #rrggbb: lo más cercano va primero.</translation>
    </message>
    <message>
        <source>Shows only what is a stub or used up.</source>
        <translation>Muestra solo lo que es un cabo o está gastado.</translation>
    </message>
    <message>
        <source>Lays out everything by how near its colour is to the chosen one, in CIEDE2000.</source>
        <translation>Dispone todo por lo cerca que está su color del elegido, en CIEDE2000.</translation>
    </message>
    <message>
        <source>The paper on which what is told of colours and substitutes is tried.</source>
        <translation>El papel en que se prueba lo dicho de colores y sustitutas.</translation>
    </message>
</context>
<context>
    <name>app::MeasureLeaf</name>
    <message>
        <source>Draw a line on the subject: its length on the
sheet, its slope and how often the unit goes
into it stand here.</source>
        <translation>Trace una línea sobre el motivo: su largo en
la hoja, su pendiente y cuántas veces entra
la unidad se leerán aquí.</translation>
    </message>
    <message>
        <source>millimetres on the sheet</source>
        <translation>milímetros en la hoja</translation>
    </message>
    <message>
        <source>%1° from level</source>
        <translation>%1° de la horizontal</translation>
    </message>
    <message>
        <source>%1° from plumb</source>
        <translation>%1° de la plomada</translation>
    </message>
    <message>
        <source>Measuring strip</source>
        <translation>Tira de medir</translation>
    </message>
    <message>
        <source>Kept lengths</source>
        <translation>Longitudes guardadas</translation>
    </message>
    <message>
        <source>Keep the length</source>
        <translation>Guardar la longitud</translation>
    </message>
    <message>
        <source>It is listed, told in the unit, and stands in the construction drawing.</source>
        <translation>Se lista, se dice en la unidad y figura en el dibujo de construcción.</translation>
    </message>
    <message>
        <source>As the unit</source>
        <translation>Como unidad</translation>
    </message>
    <message>
        <source>Other lengths are told in this one.</source>
        <translation>Las demás longitudes se dicen en esta.</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Soltar</translation>
    </message>
    <message>
        <source>The kept length that is chosen in the list.</source>
        <translation>La longitud guardada que está elegida en la lista.</translation>
    </message>
    <message>
        <source>Lines catch borders</source>
        <translation>Las líneas se pegan a bordes</translation>
    </message>
    <message>
        <source>Ends move to the hardest border within a few pixels; a line along a border is laid on it.</source>
        <translation>Los extremos van al borde más duro a pocos píxeles; una línea junto a un borde se pone sobre él.</translation>
    </message>
    <message>
        <source>thirds</source>
        <translation>tercios</translation>
    </message>
    <message>
        <source>every %1 mm</source>
        <translation>cada %1 mm</translation>
    </message>
    <message>
        <source>Grid (R)</source>
        <translation>Cuadrícula (R)</translation>
    </message>
    <message>
        <source>Construction drawing on the sheet</source>
        <translation>Dibujo de construcción sobre la hoja</translation>
    </message>
    <message>
        <source>up to mark</source>
        <translation>hasta la marca</translation>
    </message>
    <message>
        <source>Export it at real size…</source>
        <translation>Exportarlo a tamaño real…</translation>
    </message>
    <message>
        <source>SVG, or PDF on A4 pages with crosses to join them by.</source>
        <translation>SVG, o PDF en páginas A4 con cruces para unirlas.</translation>
    </message>
    <message>
        <source>Unit of length</source>
        <translation>Unidad de longitud</translation>
    </message>
    <message>
        <source>Keep a length</source>
        <translation>Guardar una longitud</translation>
    </message>
    <message>
        <source>Let a length go</source>
        <translation>Soltar una longitud</translation>
    </message>
    <message>
        <source>%1: the unit</source>
        <translation>%1: la unidad</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Sheet, constructed up to mark %1 of %2</source>
        <translation>Hoja, construida hasta la marca %1 de %2</translation>
    </message>
    <message>
        <source>%1 is %2 wide and %3 high: it reaches from %4 to %5 mm across and from %6 to %7 mm down.</source>
        <translation>%1 mide %2 de ancho y %3 de alto: de %4 a %5 mm a lo ancho y de %6 a %7 mm a lo alto.</translation>
    </message>
    <message>
        <source>Plumb with the place that you clicked: %1.</source>
        <translation>A plomo con el lugar pulsado: %1.</translation>
    </message>
    <message>
        <source>Level with it: %1.</source>
        <translation>A nivel con él: %1.</translation>
    </message>
    <message>
        <source>The line is %1 mm long on the sheet, %2° from level and %3° from plumb.</source>
        <translation>La línea mide %1 mm en la hoja, a %2° de la horizontal y %3° de la plomada.</translation>
    </message>
    <message>
        <source>That is %1 of your units.</source>
        <translation>Son %1 de sus unidades.</translation>
    </message>
    <message>
        <source>Click on a shape: its extents, and what stands plumb or level with the place, are told here.</source>
        <translation>Pulse una forma: su extensión, y lo que está a plomo o a nivel con el lugar, se leen aquí.</translation>
    </message>
    <message>
        <source>Drawn in this order: the format with its middle and thirds, all heights from %1, the tallest, on, all widths, the outlines, the lengths that you kept.</source>
        <translation>Dibujado en este orden: el formato con su centro y tercios, todas las alturas desde %1, la mayor, todos los anchos, los contornos, las longitudes guardadas.</translation>
    </message>
    <message>
        <source>Outlines are full where an edge is hard, dashed where it is soft, dotted where it is lost.</source>
        <translation>Los contornos son llenos donde un borde es duro, a rayas donde es suave, a puntos donde se pierde.</translation>
    </message>
    <message>
        <source>Take one length as the unit, and the others are told in it.</source>
        <translation>Tome una longitud como unidad, y las demás se dicen en ella.</translation>
    </message>
    <message>
        <source>What the grid divides the picture into.</source>
        <translation>En qué divide el cuadro la cuadrícula.</translation>
    </message>
    <message>
        <source>Shows on the sheet what to draw, in its order: format, heights, widths, outlines, kept lengths.</source>
        <translation>Muestra en la hoja qué dibujar, en orden: formato, alturas, anchos, contornos, longitudes guardadas.</translation>
    </message>
    <message>
        <source>Up to which line of the construction drawing is shown.</source>
        <translation>Hasta qué línea se muestra el dibujo de construcción.</translation>
    </message>
</context>
<context>
    <name>app::MendAnswers</name>
    <message>
        <source>Choose an area to answer for it.</source>
        <translation>Elija una zona para responder por ella.</translation>
    </message>
    <message>
        <source>What would mend it is being tried.</source>
        <translation>Se prueba lo que la corregiría.</translation>
    </message>
    <message>
        <source>Let it be</source>
        <translation>Dejarlo así</translation>
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
        <translation>Cómo se ve</translation>
    </message>
    <message>
        <source>Mixed by hand under %1</source>
        <translation>Mezclado a mano bajo %1</translation>
    </message>
    <message>
        <source>Up to three paints in parts are one wash; sticks are laid one after the other and rubbed in.</source>
        <translation>Hasta tres pinturas en partes son una aguada; las barras se ponen una tras otra y se frotan.</translation>
    </message>
    <message>
        <source>Medium %1</source>
        <translation>Medio %1</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Partes</translation>
    </message>
    <message>
        <source>thin, or light pressure</source>
        <translation>fino, o presión suave</translation>
    </message>
    <message>
        <source>middling</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>strong, or heavy pressure</source>
        <translation>fuerte, o presión fuerte</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Puesto</translation>
    </message>
    <message>
        <source>Lay this mixture</source>
        <translation>Poner esta mezcla</translation>
    </message>
    <message>
        <source>Leave it to the plan</source>
        <translation>Dejarlo al plan</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Paint and sticks do not go into one mixture: what differs from the first is left out.</source>
        <translation>Pintura y barras no van en una mezcla: lo que difiere de lo primero se deja fuera.</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>papel desnudo</translation>
    </message>
    <message>
        <source>wet</source>
        <translation>mojado</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>seco</translation>
    </message>
    <message>
        <source>most of the area</source>
        <translation>la mayor parte de la zona</translation>
    </message>
    <message>
        <source>Laid, against most of the area: %1.</source>
        <translation>Puesto, frente a la mayor parte de la zona: %1.</translation>
    </message>
</context>
<context>
    <name>app::NoteSheet</name>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>In your own words</source>
        <translation>Con sus palabras</translation>
    </message>
    <message>
        <source>Keep the note</source>
        <translation>Guardar la nota</translation>
    </message>
    <message>
        <source>No note</source>
        <translation>Sin nota</translation>
    </message>
    <message>
        <source>Choose a word, or write what you want to remember.</source>
        <translation>Elija una palabra, o escriba lo que quiere recordar.</translation>
    </message>
</context>
<context>
    <name>app::OffcutsView</name>
    <message>
        <source>Offcuts</source>
        <translation>Recortes</translation>
    </message>
    <message>
        <source>to buy: %1</source>
        <translation>por comprar: %1</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>%1 · set</source>
        <translation>%1 · puesto</translation>
    </message>
</context>
<context>
    <name>app::OtherStickSheet</name>
    <message>
        <source>Another stick was taken</source>
        <translation>Se tomó otra barra</translation>
    </message>
    <message>
        <source>The plan has %1. What you lay instead is laid by the film as it is, and what is left is planned anew over it.</source>
        <translation>El plan tiene %1. Lo que ponga en su lugar se cuenta como es, y lo que queda se planea de nuevo encima.</translation>
    </message>
    <message>
        <source>Sticks at hand, the nearest first</source>
        <translation>Barras a mano, la más cercana primero</translation>
    </message>
    <message>
        <source>%1
%2 (%3)</source>
        <translation>%1
%2 (%3)</translation>
    </message>
    <message>
        <source>This one was taken</source>
        <translation>Se tomó esta</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Como está previsto</translation>
    </message>
    <message>
        <source>There is no other stick at hand: put some into the drawer.</source>
        <translation>No hay otra barra a mano: ponga alguna en el cajón.</translation>
    </message>
</context>
<context>
    <name>app::PaceLeaf</name>
    <message>
        <source>%1, few yet: %2</source>
        <translation>%1, pocos aún: %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Ritmo</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 de %3</translation>
    </message>
    <message>
        <source>%1 × usual</source>
        <translation>%1 × lo usual</translation>
    </message>
    <message>
        <source>Plan this sheet by it</source>
        <translation>Planear así esta hoja</translation>
    </message>
    <message>
        <source>The minutes of what is left are told by the pace that was learnt.</source>
        <translation>Los minutos de lo que queda se dicen según el ritmo aprendido.</translation>
    </message>
    <message>
        <source>Set the pace back</source>
        <translation>Devolver el ritmo</translation>
    </message>
    <message>
        <source>What was learnt is let go, and later plans go by the usual pace again. The logs stay.</source>
        <translation>Lo aprendido se olvida, y los planes siguientes van al ritmo usual. Los diarios quedan.</translation>
    </message>
    <message>
        <source>By manner: time taken of planned</source>
        <translation>Por manera: tiempo tomado sobre previsto</translation>
    </message>
    <message>
        <source>By medium</source>
        <translation>Por medio</translation>
    </message>
    <message>
        <source>By size</source>
        <translation>Por tamaño</translation>
    </message>
    <message>
        <source>Nothing has been learnt yet: plans go by the usual pace. Each step that you lay at the Bench tells how long you take.</source>
        <translation>Aún no se ha aprendido nada: los planes van al ritmo usual. Cada paso que ponga en el Caballete dice cuánto tarda.</translation>
    </message>
    <message>
        <source>You take %1 times as long as usual: from %2, %3 at the easel where %4 were planned.%5</source>
        <translation>Tarda %1 veces lo usual: de %2, %3 en el caballete donde se preveían %4.%5</translation>
    </message>
    <message>
        <source> That is few: much of it is the usual pace still.</source>
        <translation> Eso es poco: mucho es aún el ritmo usual.</translation>
    </message>
    <message>
        <source>Your pace</source>
        <translation>Su ritmo</translation>
    </message>
    <message>
        <source>Learnt from all your logs, it sets the minutes of every sheet that you begin. A sheet that is begun keeps the pace that it was planned with, until you say otherwise.</source>
        <translation>Aprendido de todos sus diarios, fija los minutos de cada hoja que empiece. Una hoja empezada conserva el ritmo con que se planeó, hasta que diga otra cosa.</translation>
    </message>
    <message>
        <source>This sheet goes by the usual pace.</source>
        <translation>Esta hoja va al ritmo usual.</translation>
    </message>
    <message>
        <source>This sheet goes by %1 times the usual pace, and what was learnt of manners, media and sizes.</source>
        <translation>Esta hoja va a %1 veces lo usual, y a lo aprendido de maneras, medios y tamaños.</translation>
    </message>
    <message>
        <source>Each line multiplies the others: a pencil, hatched, in a small place. A hollow mark rests on few steps. A step that took very much longer or shorter than all others (a key forgotten) does not count.</source>
        <translation>Cada línea multiplica las demás: un lápiz, rayado, en un lugar pequeño. Una marca hueca se basa en pocos pasos. Un paso que tardó mucho más o menos que todos los demás (una tecla olvidada) no cuenta.</translation>
    </message>
</context>
<context>
    <name>app::PaperStation</name>
    <message>
        <source>The sheet, cut</source>
        <translation>La hoja, cortada</translation>
    </message>
    <message>
        <source>How large its sheets are is not known: say it in Materials, and they are cut here.</source>
        <translation>No se sabe el tamaño de sus hojas: dígalo en Material, y se cortan aquí.</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>%1: too small for the picture</source>
        <translation>%1: demasiado pequeña para el cuadro</translation>
    </message>
    <message numerus="yes">
        <source>%1 gives %n pieces</source>
        <translation>
            <numerusform>%1 da %n pieza</numerusform>
            <numerusform>%1 da %n piezas</numerusform>
        </translation>
    </message>
    <message>
        <source>The offcuts</source>
        <translation>Los recortes</translation>
    </message>
    <message>
        <source>the best for your goal first</source>
        <translation>el mejor para su meta primero</translation>
    </message>
    <message>
        <source>As it looks there</source>
        <translation>Como se ve ahí</translation>
    </message>
    <message>
        <source>Beside its neighbours a colour looks lighter or darker than it measures.</source>
        <translation>Junto a sus vecinos un color se ve más claro u oscuro de lo que mide.</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>Meta</translation>
    </message>
    <message>
        <source>Take the best paper</source>
        <translation>Tomar el mejor papel</translation>
    </message>
    <message>
        <source>Set this paper</source>
        <translation>Poner este papel</translation>
    </message>
    <message>
        <source>Test cards</source>
        <translation>Tarjetas de ensayo</translation>
    </message>
    <message>
        <source>Print a test card of the best three, A4…</source>
        <translation>Imprimir una tarjeta de ensayo de los tres mejores, A4…</translation>
    </message>
    <message>
        <source>The same, Letter…</source>
        <translation>Lo mismo, Carta…</translation>
    </message>
    <message>
        <source>Print a test card</source>
        <translation>Imprimir una tarjeta de ensayo</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Tarjetas (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled test card…</source>
        <translation>Leer una tarjeta de ensayo rellena…</translation>
    </message>
    <message>
        <source>Read a filled test card</source>
        <translation>Leer una tarjeta de ensayo rellena</translation>
    </message>
    <message>
        <source>The test card is in %1. It tells what to lay on real offcuts and what should be seen.</source>
        <translation>La tarjeta de ensayo está en %1. Dice qué poner en recortes reales y qué debería verse.</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Under the tape, on each side of the picture.</source>
        <translation>Bajo la cinta, a cada lado del cuadro.</translation>
    </message>
    <message>
        <source>Pictures of this size on the same paper.</source>
        <translation>Cuadros de este tamaño en el mismo papel.</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Borde</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Cuadros</translation>
    </message>
    <message>
        <source>Pictures in the series</source>
        <translation>Cuadros de la serie</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>sin elegir aún</translation>
    </message>
    <message>
        <source>Subject cut out, as it looks on %1</source>
        <translation>Motivo recortado, como se ve en %1</translation>
    </message>
    <message>
        <source>Subject cut out, as it measures, on %1</source>
        <translation>Motivo recortado, como mide, en %1</translation>
    </message>
    <message>
        <source>All your papers, tried with your sticks, the best for your goal first. Choose one by a click and set it, or leave it to the plan.</source>
        <translation>Todos sus papeles, probados con sus barras, el mejor para su meta primero. Elija uno y póngalo, o déjelo al plan.</translation>
    </message>
    <message>
        <source>Papers are tried as soon as the subject is read.</source>
        <translation>Los papeles se prueban en cuanto se lee el motivo.</translation>
    </message>
    <message>
        <source>It is taken because it ranks first.</source>
        <translation>Se toma porque va primero.</translation>
    </message>
    <message>
        <source>You have set it.</source>
        <translation>Usted lo puso.</translation>
    </message>
    <message>
        <source>It is not at hand: used up, or not bought yet.</source>
        <translation>No está a mano: gastado, o sin comprar aún.</translation>
    </message>
    <message>
        <source>%1. Score %2 of 100, %3 of %4: %5.</source>
        <translation>%1. %2 puntos de 100, %3 de %4: %5.</translation>
    </message>
    <message>
        <source>A quick plan on it, in at most three layers, ends %1 (%2).</source>
        <translation>Un plan rápido en él, en tres capas como máximo, acaba %1 (%2).</translation>
    </message>
    <message>
        <source>On each piece lie the subject&apos;s dark, medium and light, in pencil, soft stick and pan.</source>
        <translation>En cada pieza están el oscuro, el medio y el claro del motivo, en lápiz, barra blanda y godet.</translation>
    </message>
    <message>
        <source>%1. It is being tried.</source>
        <translation>%1. Se está probando.</translation>
    </message>
    <message>
        <source>Beside it %1 looks %2 of a step lighter than on a middle grey, though it measures the same.</source>
        <translation>A su lado %1 se ve %2 de paso más claro que sobre un gris medio, aunque mide igual.</translation>
    </message>
    <message>
        <source>Beside it %1 looks %2 of a step darker than on a middle grey, though it measures the same.</source>
        <translation>A su lado %1 se ve %2 de paso más oscuro que sobre un gris medio, aunque mide igual.</translation>
    </message>
    <message>
        <source>Leaves the paper to the plan, which takes the one that ranks first for your goal.</source>
        <translation>Deja el papel al plan, que toma el primero para su meta.</translation>
    </message>
    <message>
        <source>Plans on the paper that is looked at, whatever its rank.</source>
        <translation>Planea en el papel que se mira, sea cual sea su puesto.</translation>
    </message>
    <message>
        <source>A card to lay on real offcuts of the best three papers; its photograph tells how much they hold and take.</source>
        <translation>Una tarjeta para poner en recortes reales de los tres mejores papeles; su foto dice cuánto retienen y toman.</translation>
    </message>
</context>
<context>
    <name>app::PicturePair</name>
    <message>
        <source>Subject and sheet</source>
        <translation>Motivo y hoja</translation>
    </message>
    <message>
        <source>The reference on the left, the predicted sheet on the right. Arrow keys move a cross, Return points with it.</source>
        <translation>La referencia a la izquierda, la hoja prevista a la derecha. Las flechas mueven una cruz, Intro señala con ella.</translation>
    </message>
</context>
<context>
    <name>app::PracticeWindow</name>
    <message>
        <source>Practice · Yawning Dune</source>
        <translation>Práctica · Yawning Dune</translation>
    </message>
    <message>
        <source>Exercises, what wants training most first</source>
        <translation>Ejercicios, lo que más pide práctica primero</translation>
    </message>
    <message>
        <source>Break off</source>
        <translation>Interrumpir</translation>
    </message>
    <message>
        <source>Nothing is lost: the sitting can be gone on with today</source>
        <translation>Nada se pierde: la sesión puede seguir hoy</translation>
    </message>
    <message>
        <source>&amp;Practice</source>
        <translation>&amp;Práctica</translation>
    </message>
    <message>
        <source>Export results…</source>
        <translation>Exportar resultados…</translation>
    </message>
    <message>
        <source>Export results</source>
        <translation>Exportar resultados</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tablas (*.csv)</translation>
    </message>
    <message>
        <source>The week as PDF…</source>
        <translation>La semana como PDF…</translation>
    </message>
    <message>
        <source>The week as PDF</source>
        <translation>La semana como PDF</translation>
    </message>
    <message>
        <source>Sheets (*.pdf)</source>
        <translation>Hojas (*.pdf)</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Escrito en %1.</translation>
    </message>
    <message numerus="yes">
        <source>broken off after %n answers</source>
        <translation>
            <numerusform>interrumpido tras %n respuesta</numerusform>
            <numerusform>interrumpido tras %n respuestas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, again on %2</source>
        <translation>%1, otra vez el %2</translation>
    </message>
    <message>
        <source>%1, to be repeated</source>
        <translation>%1, para repetir</translation>
    </message>
    <message>
        <source>The drawing&apos;s photograph</source>
        <translation>La foto del dibujo</translation>
    </message>
    <message>
        <source>Look as long as you like, then go on with Return: the picture is gone then.</source>
        <translation>Mire cuanto quiera, luego siga con Intro: la imagen desaparece entonces.</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Se está leyendo la foto.</translation>
    </message>
    <message>
        <source>Draw it from memory, on a sheet of its format.</source>
        <translation>Dibújelo de memoria, en una hoja de su formato.</translation>
    </message>
    <message>
        <source>The sheet&apos;s edges are the picture&apos;s. Draw the outlines closed and dark.</source>
        <translation>Los bordes de la hoja son los del cuadro. Trace contornos cerrados y oscuros.</translation>
    </message>
    <message>
        <source>Photograph it whole and upright on a darker table, then choose the photograph with Return.</source>
        <translation>Fotografíelo entero y derecho sobre una mesa más oscura, luego elija la foto con Intro.</translation>
    </message>
    <message>
        <source>The double lines are where the subject has its shapes.</source>
        <translation>Las líneas dobles están donde el motivo tiene sus formas.</translation>
    </message>
    <message>
        <source>Shapes that were found: %1.</source>
        <translation>Formas halladas: %1.</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Choose the photograph…</source>
        <translation>Elegir la foto…</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Empezar</translation>
    </message>
    <message>
        <source>It needs the colours of a subject and five sticks: open a study first.</source>
        <translation>Pide los colores de un motivo y cinco barras: abra antes un estudio.</translation>
    </message>
    <message>
        <source>Answered so far: %1.</source>
        <translation>Respondidas hasta ahora: %1.</translation>
    </message>
    <message>
        <source>Look until you see it, then go on with Return.</source>
        <translation>Mire hasta verlo, luego siga con Intro.</translation>
    </message>
    <message>
        <source>Press the number of your answer; Escape breaks off.</source>
        <translation>Pulse el número de su respuesta; Escape interrumpe.</translation>
    </message>
    <message numerus="yes">
        <source>You were off by %1, over %n shapes.</source>
        <translation>
            <numerusform>Se desvió %1, en %n forma.</numerusform>
            <numerusform>Se desvió %1, en %n formas.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>You tell %1 apart, after %n answers.</source>
        <translation>
            <numerusform>Distingue %1, tras %n respuesta.</numerusform>
            <numerusform>Distingue %1, tras %n respuestas.</numerusform>
        </translation>
    </message>
    <message>
        <source>Check has noticed that your sheets come out otherwise in this.</source>
        <translation>Control ha notado que sus hojas salen de otro modo en esto.</translation>
    </message>
    <message>
        <source>Measured is how far outlines lie beside their places, once what the whole drawing is off by has been taken off. The bounds hold the mean in nine of ten.</source>
        <translation>Se mide cuánto están los contornos fuera de su lugar, una vez quitado lo que se desvía todo el dibujo. Los límites contienen la media en nueve de diez.</translation>
    </message>
    <message>
        <source>Each question stands where its answer tells most. What you tell apart is where you are right in about two of three cases beyond guessing; the bounds hold it in nine of ten.</source>
        <translation>Cada pregunta está donde su respuesta dice más. Lo que distingue está donde acierta en unos dos de tres casos más allá del azar; los límites lo contienen en nueve de diez.</translation>
    </message>
    <message>
        <source>Begins the exercise that is chosen, or goes on with it.</source>
        <translation>Empieza el ejercicio elegido, o sigue con él.</translation>
    </message>
</context>
<context>
    <name>app::ProgressStrip</name>
    <message>
        <source>Progress: photographs and predicted sheets</source>
        <translation>Avance: fotos y hojas previstas</translation>
    </message>
    <message>
        <source>No photograph yet: P at the Bench keeps one, and here it stands over the sheet as it was planned for that moment.</source>
        <translation>Aún no hay foto: P en el Caballete guarda una, y aquí está sobre la hoja prevista para ese momento.</translation>
    </message>
    <message>
        <source>As photographed</source>
        <translation>Como se fotografió</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Como está previsto</translation>
    </message>
</context>
<context>
    <name>app::QuestionView</name>
    <message>
        <source>The question</source>
        <translation>La pregunta</translation>
    </message>
    <message>
        <source>first</source>
        <translation>primero</translation>
    </message>
    <message>
        <source>over it</source>
        <translation>encima</translation>
    </message>
</context>
<context>
    <name>app::ReaderSheet</name>
    <message>
        <source>known so far</source>
        <translation>conocido hasta ahora</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>como se leyó</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>sin leer aún</translation>
    </message>
    <message>
        <source>Colour reader</source>
        <translation>Lector de color</translation>
    </message>
    <message>
        <source>Take this reading</source>
        <translation>Tomar esta lectura</translation>
    </message>
    <message>
        <source>Read the swatch</source>
        <translation>Leer la muestra</translation>
    </message>
    <message>
        <source>Read the white tile</source>
        <translation>Leer la placa blanca</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Saltar</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>No reader is connected, so the stand-in that ships with the program takes its place. It invents: take its readings only to try this out.</source>
        <translation>No hay lector conectado, así que lo sustituye el simulado que viene con el programa. Inventa: tome sus lecturas solo para probar.</translation>
    </message>
    <message>
        <source>its white tile</source>
        <translation>su placa blanca</translation>
    </message>
    <message>
        <source>a swatch of the thing</source>
        <translation>una muestra de la cosa</translation>
    </message>
    <message>
        <source>half a swatch, held askew</source>
        <translation>media muestra, sujeta de lado</translation>
    </message>
    <message>
        <source>Under it lies</source>
        <translation>Debajo está</translation>
    </message>
    <message>
        <source>It loses its connection</source>
        <translation>Pierde la conexión</translation>
    </message>
    <message>
        <source>Colour reader: %1</source>
        <translation>Lector de color: %1</translation>
    </message>
    <message>
        <source>All things are read, %1 of them taken.</source>
        <translation>Todo está leído, %1 tomadas.</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 de %2: %3</translation>
    </message>
    <message>
        <source>Reading. Hold it still.</source>
        <translation>Leyendo. Manténgalo quieto.</translation>
    </message>
    <message>
        <source>Put the reader flat on its white tile and read that first.</source>
        <translation>Ponga el lector plano sobre su placa blanca y léala primero.</translation>
    </message>
    <message>
        <source>Put the reader on a heavy, even swatch of %1 and read it.</source>
        <translation>Ponga el lector sobre una muestra densa y pareja de %1 y léala.</translation>
    </message>
    <message numerus="yes">
        <source>Mean of %n readings, %1 passed over, good to %2. Against what was known: %3.</source>
        <translation>
            <numerusform>Media de %n lectura, %1 descartadas, con error de %2. Frente a lo conocido: %3.</numerusform>
            <numerusform>Media de %n lecturas, %1 descartadas, con error de %2. Frente a lo conocido: %3.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::Route</name>
    <message>
        <source>Route</source>
        <translation>Ruta</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 (wants attention)</source>
        <translation>%1 (pide atención)</translation>
    </message>
</context>
<context>
    <name>app::SampleView</name>
    <message>
        <source>The swatch beside what is wanted</source>
        <translation>La muestra junto a lo que se busca</translation>
    </message>
    <message>
        <source>swatch</source>
        <translation>muestra</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>buscado</translation>
    </message>
</context>
<context>
    <name>app::Scrubber</name>
    <message>
        <source>Steps laid</source>
        <translation>Pasos puestos</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Paso %1 de %2</translation>
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
        <translation>Corte</translation>
    </message>
    <message>
        <source>%1, step %2: %3. The tooth is %4 % full then.</source>
        <translation>%1, paso %2: %3. El grano está entonces lleno al %4 %.</translation>
    </message>
    <message>
        <source>where the line begins</source>
        <translation>donde empieza la línea</translation>
    </message>
    <message>
        <source>darkest area</source>
        <translation>zona más oscura</translation>
    </message>
    <message>
        <source>where it ends</source>
        <translation>donde acaba</translation>
    </message>
    <message>
        <source>lightest area</source>
        <translation>zona más clara</translation>
    </message>
    <message>
        <source>Left and right choose an area</source>
        <translation>Izquierda y derecha eligen una zona</translation>
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
        <translation>La hoja está empezada, así que imagen, zonas, papel y fondo quedan como están: empiece otra hoja de este estudio para elegirlos de nuevo.</translation>
    </message>
</context>
<context>
    <name>app::StackSheet</name>
    <message>
        <source>The layers of %1</source>
        <translation>Las capas de %1</translation>
    </message>
    <message>
        <source>From the paper up. What you set stays as it is; the rest of the plan is made around it.</source>
        <translation>Desde el papel. Lo que fije queda como está; el resto del plan se hace alrededor.</translation>
    </message>
    <message>
        <source>Take these layers</source>
        <translation>Tomar estas capas</translation>
    </message>
    <message>
        <source>Leave it to the plan</source>
        <translation>Dejarlo al plan</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Layer %1</source>
        <translation>Capa %1</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>blend what lies there</source>
        <translation>difuminar lo que hay</translation>
    </message>
    <message>
        <source>lift what lies loose</source>
        <translation>levantar lo suelto</translation>
    </message>
    <message>
        <source>fixative</source>
        <translation>fijador</translation>
    </message>
    <message>
        <source>How layer %1 is laid</source>
        <translation>Cómo se pone la capa %1</translation>
    </message>
    <message>
        <source>lighter over all</source>
        <translation>más suave en todo</translation>
    </message>
    <message>
        <source>as it is wanted</source>
        <translation>como se pide</translation>
    </message>
    <message>
        <source>heavier over all</source>
        <translation>más fuerte en todo</translation>
    </message>
    <message>
        <source>How heavily layer %1 is laid</source>
        <translation>Con qué fuerza se pone la capa %1</translation>
    </message>
    <message>
        <source>Not here</source>
        <translation>Aquí no</translation>
    </message>
    <message>
        <source>The plan is not to lay this stick in this area, and finds others.</source>
        <translation>El plan no ha de poner esta barra en esta zona, y busca otras.</translation>
    </message>
    <message>
        <source>The stick of layer %1 is not to be laid here</source>
        <translation>La barra de la capa %1 no se pone aquí</translation>
    </message>
    <message>
        <source>Or another way:</source>
        <translation>O de otro modo:</translation>
    </message>
    <message>
        <source>Fewest layers</source>
        <translation>Menos capas</translation>
    </message>
    <message>
        <source>Liveliest</source>
        <translation>Lo más vivo</translation>
    </message>
    <message>
        <source>Safest</source>
        <translation>Lo más seguro</translation>
    </message>
    <message>
        <source>As few layers as serve it</source>
        <translation>Tan pocas capas como sirvan</translation>
    </message>
    <message>
        <source>Lines of colours that stay apart and glint</source>
        <translation>Líneas de colores que quedan aparte y centellean</translation>
    </message>
    <message>
        <source>What an unsteady hand spoils least, with tooth to spare</source>
        <translation>Lo que menos estropea una mano insegura, con grano de sobra</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 where its colours are laid, %2 by an unsteady hand, %3, the tooth %4 % full</source>
        <translation>%1 donde están sus colores, %2 con mano insegura, %3, el grano lleno al %4 %</translation>
    </message>
    <message>
        <source>Choose a stick for the first layer; a tool needs something to work on.</source>
        <translation>Elija una barra para la primera capa; un útil necesita algo sobre lo que trabajar.</translation>
    </message>
    <message>
        <source>As planned: %1. So: %2.</source>
        <translation>Como está previsto: %1. Así: %2.</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>lo mismo</translation>
    </message>
</context>
<context>
    <name>app::Station</name>
    <message>
        <source>Subject</source>
        <translation>Motivo</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source>Sheet, all layers laid</source>
        <translation>Hoja, todas las capas puestas</translation>
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
        <translation>La bandeja</translation>
    </message>
    <message>
        <source>light above dark</source>
        <translation>claro sobre oscuro</translation>
    </message>
    <message>
        <source>Tray</source>
        <translation>Bandeja</translation>
    </message>
    <message>
        <source>The sticks of this picture</source>
        <translation>Las barras de este cuadro</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Cuántas</translation>
    </message>
    <message>
        <source>How near fewer or more sticks come</source>
        <translation>Lo cerca que llegan menos o más barras</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Cuáles</translation>
    </message>
    <message>
        <source>Limited palettes: how many sticks of each family of colours</source>
        <translation>Paletas limitadas: cuántas barras de cada familia de colores</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>Por comprar</translation>
    </message>
    <message>
        <source>What is not at hand and would bring it nearer</source>
        <translation>Lo que no está a mano y lo acercaría</translation>
    </message>
    <message>
        <source>Number of sticks</source>
        <translation>Número de barras</translation>
    </message>
    <message>
        <source>Layers an area</source>
        <translation>Capas por zona</translation>
    </message>
    <message>
        <source>Draw from</source>
        <translation>Tomar de</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Como máximo</translation>
    </message>
    <message>
        <source> sticks</source>
        <translation> barras</translation>
    </message>
    <message>
        <source>Keep it in</source>
        <translation>Mantenerla</translation>
    </message>
    <message>
        <source>It is used in this picture, whatever the plan would choose.</source>
        <translation>Se usa en este cuadro, elija lo que elija el plan.</translation>
    </message>
    <message>
        <source>Is it missing or used up? What you choose is laid in its very layers.</source>
        <translation>¿Falta o está gastada? Lo que elija se pone en sus mismas capas.</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Dejarla fuera</translation>
    </message>
    <message>
        <source>It is not used in this picture.</source>
        <translation>No se usa en este cuadro.</translation>
    </message>
    <message>
        <source>Take back what is left out</source>
        <translation>Recuperar lo dejado fuera</translation>
    </message>
    <message>
        <source>What was left out may be used again.</source>
        <translation>Lo dejado fuera puede volver a usarse.</translation>
    </message>
    <message>
        <source>In its place</source>
        <translation>En su lugar</translation>
    </message>
    <message>
        <source>Sticks taken back</source>
        <translation>Barras recuperadas</translation>
    </message>
    <message>
        <source>Stick kept in</source>
        <translation>Barra mantenida</translation>
    </message>
    <message>
        <source>Stick left out</source>
        <translation>Barra dejada fuera</translation>
    </message>
    <message>
        <source>the whole drawer</source>
        <translation>todo el cajón</translation>
    </message>
    <message>
        <source>Take back what is left out (%1)</source>
        <translation>Recuperar lo dejado fuera (%1)</translation>
    </message>
    <message>
        <source>Stick at hand again</source>
        <translation>Barra otra vez a mano</translation>
    </message>
    <message>
        <source>Substitute for a stick</source>
        <translation>Sustituta de una barra</translation>
    </message>
    <message>
        <source>itself</source>
        <translation>ella misma</translation>
    </message>
    <message>
        <source>being tried</source>
        <translation>en prueba</translation>
    </message>
    <message>
        <source>It is laid in the place of %1: %2. With that one the picture would be: %3.</source>
        <translation>Se pone en lugar de %1: %2. Con aquella el cuadro sería: %3.</translation>
    </message>
    <message>
        <source>With the nearest in its place the picture would be: %1.</source>
        <translation>Con la más cercana en su lugar el cuadro sería: %1.</translation>
    </message>
    <message>
        <source>Left out and planned anew: %1.</source>
        <translation>Dejada fuera y planeado de nuevo: %1.</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>sin elegir aún</translation>
    </message>
    <message>
        <source>%1 of %2 at hand</source>
        <translation>%1 de %2 a mano</translation>
    </message>
    <message>
        <source>These sticks are to be pulled for this picture. Say from which tray to draw and how many to use at most; a stick that is missing has its nearest substitute here.</source>
        <translation>Estas barras son las que hay que sacar para este cuadro. Diga de qué bandeja tomar y cuántas como máximo; una que falte tiene aquí su sustituta más cercana.</translation>
    </message>
    <message>
        <source>Sticks</source>
        <translation>Barras</translation>
    </message>
    <message>
        <source>Sticks are chosen as soon as the subject is read.</source>
        <translation>Las barras se eligen en cuanto se lee el motivo.</translation>
    </message>
    <message numerus="yes">
        <source>%n sticks serve the whole picture. With them the sheet is %1.</source>
        <translation>
            <numerusform>%n barra basta para todo el cuadro. Con ella la hoja es %1.</numerusform>
            <numerusform>%n barras bastan para todo el cuadro. Con ellas la hoja es %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The study draws from %1 sticks and paints and %2 papers, as they were when it was begun. Choose again what to draw from, and it takes them as they are now.</source>
        <translation>El estudio toma de %1 barras y pinturas y %2 papeles, como eran al empezarlo. Elija de nuevo de dónde tomar, y los toma como son ahora.</translation>
    </message>
    <message>
        <source>Click one to see where it goes.</source>
        <translation>Pulse una para ver dónde va.</translation>
    </message>
    <message>
        <source>They were chosen by giving up, one after the other, the stick that the picture misses least.</source>
        <translation>Se eligieron dejando, una tras otra, la barra que menos falta hace al cuadro.</translation>
    </message>
    <message>
        <source>The nearest single stick in each place, of all at hand, would leave %1: layers with more and less pressure do the rest.</source>
        <translation>La barra sola más cercana en cada lugar, de todas las que hay, dejaría %1: capas con más y menos presión hacen el resto.</translation>
    </message>
    <message>
        <source>%1, %2, number %3. Pigment %4, lightfastness %5.</source>
        <translation>%1, %2, número %3. Pigmento %4, solidez a la luz %5.</translation>
    </message>
    <message>
        <source>It looks %1, at value %2.</source>
        <translation>Su aspecto: %1, valor %2.</translation>
    </message>
    <message>
        <source>You keep it in, whatever the plan would choose.</source>
        <translation>La mantiene, elija lo que elija el plan.</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Dónde va</translation>
    </message>
    <message>
        <source>layer %1 of %2, step %3: %4, %5</source>
        <translation>capa %1 de %2, paso %3: %4, %5</translation>
    </message>
    <message>
        <source>It is laid as a ground under %1.</source>
        <translation>Se pone como fondo bajo %1.</translation>
    </message>
    <message numerus="yes">
        <source>It comes back in %n areas and ties them together: %1.</source>
        <translation>
            <numerusform>Se pone en %n zona: %1.</numerusform>
            <numerusform>Vuelve en %n zonas y las une: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>It holds a toxic pigment (%1): make no dust, wear gloves, follow the label and the safety data sheet.</source>
        <translation>Contiene un pigmento tóxico (%1): no haga polvo, use guantes, siga la etiqueta y la ficha de datos de seguridad.</translation>
    </message>
    <message>
        <source>Which of your materials the study draws from.</source>
        <translation>De qué material toma el estudio.</translation>
    </message>
    <message>
        <source>How many sticks the plan may use at most.</source>
        <translation>Cuántas barras puede usar el plan como máximo.</translation>
    </message>
    <message>
        <source>How many layers may lie in an area at most.</source>
        <translation>Cuántas capas puede tener una zona como máximo.</translation>
    </message>
</context>
<context>
    <name>app::StockLeaf</name>
    <message>
        <source>What the sticks have lost</source>
        <translation>Lo que perdieron las barras</translation>
    </message>
    <message>
        <source>Take it into the drawer</source>
        <translation>Llevarlo al cajón</translation>
    </message>
    <message>
        <source>What is left of your sticks is said in the drawer; there it can be undone.</source>
        <translation>Lo que queda de sus barras se dice en el cajón; allí se puede deshacer.</translation>
    </message>
    <message>
        <source>%1: %2 laid in %3, probably %4 % of a whole one</source>
        <translation>%1: %2 puestos en %3, quizá el %4 % de una entera</translation>
    </message>
    <message>
        <source>; not in your drawer</source>
        <translation>; no en su cajón</translation>
    </message>
    <message>
        <source>; a stub</source>
        <translation>; un cabo</translation>
    </message>
    <message>
        <source>; a stub soon</source>
        <translation>; pronto un cabo</translation>
    </message>
    <message>
        <source>; some %1 % left</source>
        <translation>; queda cerca del %1 %</translation>
    </message>
    <message>
        <source>No stick has served yet.</source>
        <translation>Aún no ha servido ninguna barra.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Lo que se usó</translation>
    </message>
    <message>
        <source>Reckoned from the places that were laid and how hard: a guess, which your eye corrects in the drawer. A soft stick lays some 4000 square centimetres, of a pencil half goes in sharpening.</source>
        <translation>Calculado de los lugares puestos y la fuerza: una estimación, que su ojo corrige en el cajón. Una barra blanda pone unos 4000 centímetros cuadrados, de un lápiz la mitad se va al afilar.</translation>
    </message>
    <message>
        <source>A thick layer takes twice a full one, a light one less than half.</source>
        <translation>Una capa gruesa toma el doble de una plena, una suave menos de la mitad.</translation>
    </message>
</context>
<context>
    <name>app::StrokesEditor</name>
    <message>
        <source>A finger</source>
        <translation>Un dedo</translation>
    </message>
    <message>
        <source>Fixative</source>
        <translation>Fijador</translation>
    </message>
    <message>
        <source>A putty eraser</source>
        <translation>Una goma maleable</translation>
    </message>
    <message>
        <source>Strokes of the swatch, the last on top</source>
        <translation>Trazos de la muestra, el último encima</translation>
    </message>
    <message>
        <source>Stick of the stroke</source>
        <translation>Barra del trazo</translation>
    </message>
    <message>
        <source>Manner of the stroke</source>
        <translation>Manera del trazo</translation>
    </message>
    <message>
        <source>Pressure of the stroke</source>
        <translation>Presión del trazo</translation>
    </message>
    <message>
        <source>Lay one more</source>
        <translation>Poner uno más</translation>
    </message>
    <message>
        <source>Leave this out</source>
        <translation>Quitar este</translation>
    </message>
    <message>
        <source>What the chosen stroke is laid with.</source>
        <translation>Con qué se pone el trazo elegido.</translation>
    </message>
    <message>
        <source>How it is laid.</source>
        <translation>Cómo se pone.</translation>
    </message>
    <message>
        <source>How hard, by half steps.</source>
        <translation>Con qué fuerza, por medios grados.</translation>
    </message>
    <message>
        <source>One more stroke on top.</source>
        <translation>Un trazo más encima.</translation>
    </message>
    <message>
        <source>Takes the chosen stroke off.</source>
        <translation>Quita el trazo elegido.</translation>
    </message>
</context>
<context>
    <name>app::StudyLifecycle</name>
    <message>
        <source>Reading the study</source>
        <translation>Leyendo el estudio</translation>
    </message>
    <message>
        <source>Open the leading picture first; %1 more can be pinned up beside it.</source>
        <translation>Abra primero la imagen principal; se pueden fijar %1 más a su lado.</translation>
    </message>
    <message>
        <source>Pin up a reference</source>
        <translation>Fijar una referencia</translation>
    </message>
    <message>
        <source>Reading what was not saved</source>
        <translation>Leyendo lo que no se guardó</translation>
    </message>
    <message>
        <source>%1 Your choices are here, but what was done at the easel is in that file. Make it readable and save, or save under another name.</source>
        <translation>%1 Sus decisiones están aquí, pero lo que se hizo en el caballete está en ese archivo. Haga que se pueda leer y guarde, o guarde con otro nombre.</translation>
    </message>
    <message>
        <source>Reading the picture</source>
        <translation>Leyendo la imagen</translation>
    </message>
    <message>
        <source>There is nothing to save yet: open a picture first.</source>
        <translation>Aún no hay nada que guardar: abra primero una imagen.</translation>
    </message>
    <message>
        <source>%1 Nothing is written over it: save under another name.</source>
        <translation>%1 No se escribe encima: guarde con otro nombre.</translation>
    </message>
    <message>
        <source>Writing the study</source>
        <translation>Escribiendo el estudio</translation>
    </message>
</context>
<context>
    <name>app::SubjectStation</name>
    <message>
        <source>The measuring strip</source>
        <translation>La tira de medir</translation>
    </message>
    <message>
        <source>what the eye does with a pencil at arm&apos;s length</source>
        <translation>lo que hace el ojo con un lápiz a un brazo de distancia</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Encuadre</translation>
    </message>
    <message>
        <source>References, format, crop, level, grey</source>
        <translation>Referencias, formato, recorte, nivel, gris</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Medir</translation>
    </message>
    <message>
        <source>Lengths, slopes, extents, alignments, construction</source>
        <translation>Longitudes, pendientes, extensiones, alineaciones, construcción</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Zonas</translation>
    </message>
    <message>
        <source>What belongs together, what it is, how it is lit</source>
        <translation>Lo que va junto, qué es, cómo está iluminado</translation>
    </message>
    <message>
        <source>no picture yet</source>
        <translation>sin imagen aún</translation>
    </message>
    <message>
        <source>%1, for %2</source>
        <translation>%1, para %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n areas</source>
        <translation>
            <numerusform>%1, %n zona</numerusform>
            <numerusform>%1, %n zonas</numerusform>
        </translation>
    </message>
    <message>
        <source>Sheet, bare</source>
        <translation>Hoja desnuda</translation>
    </message>
    <message>
        <source>Another reference: %1</source>
        <translation>Otra referencia: %1</translation>
    </message>
    <message>
        <source>Here the picture is cut to your sheet and measured. Under Areas, click on what is parted wrongly and put it right: all that follows is planned by areas.</source>
        <translation>Aquí la imagen se corta a su hoja y se mide. En Zonas, pulse lo mal dividido y corríjalo: todo lo que sigue se planea por zonas.</translation>
    </message>
    <message>
        <source>Begin with a picture</source>
        <translation>Empiece con una imagen</translation>
    </message>
    <message>
        <source>Open a photograph of the subject, or drop one into this window. It stays on the left, always in view; the sheet stands beside it.</source>
        <translation>Abra una foto del motivo, o suéltela en esta ventana. Queda a la izquierda, siempre a la vista; la hoja está a su lado.</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Motivo</translation>
    </message>
</context>
<context>
    <name>app::SwatchGrid</name>
    <message>
        <source>Swatches of the trial sheet</source>
        <translation>Muestras de la hoja de prueba</translation>
    </message>
    <message>
        <source>Tick the sticks that are to be tried.</source>
        <translation>Marque las barras que se han de probar.</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>papel desnudo</translation>
    </message>
    <message>
        <source>%1, on the card</source>
        <translation>%1, en la tarjeta</translation>
    </message>
</context>
<context>
    <name>app::TargetView</name>
    <message>
        <source>Subject: the colour that is wanted</source>
        <translation>Motivo: el color que se busca</translation>
    </message>
    <message>
        <source>Click where the colour is that swatches are held against; the arrows move the place.</source>
        <translation>Pulse donde está el color con que se comparan las muestras; las flechas mueven el lugar.</translation>
    </message>
    <message>
        <source>Open a study to hold swatches against its subject.</source>
        <translation>Abra un estudio para comparar muestras con su motivo.</translation>
    </message>
</context>
<context>
    <name>app::TestSheet</name>
    <message>
        <source>Fields of the card</source>
        <translation>Campos de la tarjeta</translation>
    </message>
    <message>
        <source>expected</source>
        <translation>esperado</translation>
    </message>
    <message>
        <source>as read</source>
        <translation>como se leyó</translation>
    </message>
    <message>
        <source>Test card: %1</source>
        <translation>Tarjeta de ensayo: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Se está leyendo la foto.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Leyendo la carta</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Tomar estas lecturas</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Dejarlas</translation>
    </message>
    <message>
        <source>Above each paper&apos;s fields stands what was expected of it, below what the photograph shows.</source>
        <translation>Sobre los campos de cada papel está lo que se esperaba, debajo lo que muestra la foto.</translation>
    </message>
    <message>
        <source>No field of this card differs from the bare paper: lay the strokes, then photograph it.</source>
        <translation>Ningún campo de esta tarjeta difiere del papel desnudo: ponga los trazos, luego fotografíela.</translation>
    </message>
    <message>
        <source>Its fields are empty.</source>
        <translation>Sus campos están vacíos.</translation>
    </message>
    <message>
        <source>Read a test card</source>
        <translation>Leer una tarjeta de ensayo</translation>
    </message>
    <message>
        <source>Taken from the card: %1. All is planned anew.</source>
        <translation>Tomado de la tarjeta: %1. Todo se planea de nuevo.</translation>
    </message>
</context>
<context>
    <name>app::ThingEditor</name>
    <message>
        <source>Something new in the drawer</source>
        <translation>Algo nuevo en el cajón</translation>
    </message>
    <message>
        <source>Fields that you leave alone stay as they are, each thing its own.</source>
        <translation>Los campos que no toque quedan como están, cada cosa con lo suyo.</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Maker</source>
        <translation>Fabricante</translation>
    </message>
    <message>
        <source>Number on the label</source>
        <translation>Número de la etiqueta</translation>
    </message>
    <message>
        <source>Pigments</source>
        <translation>Pigmentos</translation>
    </message>
    <message>
        <source>Calls for care</source>
        <translation>Pide cuidado</translation>
    </message>
    <message>
        <source>Lightfastness</source>
        <translation>Solidez a la luz</translation>
    </message>
    <message>
        <source>Hides</source>
        <translation>Cubre</translation>
    </message>
    <message>
        <source> times the usual</source>
        <translation> veces lo usual</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Dureza</translation>
    </message>
    <message>
        <source> (0 buttery, 1 a hard point)</source>
        <translation> (0 untuosa, 1 punta dura)</translation>
    </message>
    <message>
        <source>Put it into the drawer</source>
        <translation>Ponerlo en el cajón</translation>
    </message>
    <message>
        <source>Take these changes</source>
        <translation>Tomar estos cambios</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>several</source>
        <translation>varios</translation>
    </message>
    <message>
        <source>Surface</source>
        <translation>Superficie</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Admite</translation>
    </message>
    <message>
        <source>Tooth holds</source>
        <translation>El grano retiene</translation>
    </message>
    <message>
        <source>Takes off a stick</source>
        <translation>Toma de la barra</translation>
    </message>
    <message>
        <source>Sheet, width</source>
        <translation>Hoja, ancho</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Sheet, height</source>
        <translation>Hoja, alto</translation>
    </message>
    <message>
        <source>Sheets at hand</source>
        <translation>Hojas a mano</translation>
    </message>
    <message>
        <source>Fibres run</source>
        <translation>Las fibras van</translation>
    </message>
    <message>
        <source>no other</source>
        <translation>ningún otro</translation>
    </message>
    <message>
        <source>Other side of</source>
        <translation>Otra cara de</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papel</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Tipo</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Pick from a photograph…</source>
        <translation>Tomar de una foto…</translation>
    </message>
    <message>
        <source>Colour row</source>
        <translation>Fila de color</translation>
    </message>
    <message>
        <source>#rrggbb</source>
        <translation>#rrggbb</translation>
    </message>
    <message>
        <source>Give it a name by which you will find it again.</source>
        <translation>Dele un nombre con que volver a encontrarlo.</translation>
    </message>
</context>
<context>
    <name>app::ThresholdCurve</name>
    <message>
        <source>Thresholds over time</source>
        <translation>Umbrales en el tiempo</translation>
    </message>
    <message>
        <source>No drawing yet.
Here the curve will stand.</source>
        <translation>Aún no hay dibujo.
Aquí estará la curva.</translation>
    </message>
    <message>
        <source>No sitting yet: it takes some 20 to 60 answers, a few minutes.
Here the curve will stand.</source>
        <translation>Aún no hay sesión: pide de 20 a 60 respuestas, unos minutos.
Aquí estará la curva.</translation>
    </message>
</context>
<context>
    <name>app::TrayView</name>
    <message>
        <source>Tray</source>
        <translation>Bandeja</translation>
    </message>
    <message>
        <source>value %1 to %2</source>
        <translation>valor %1 a %2</translation>
    </message>
    <message>
        <source>%1, value %2</source>
        <translation>%1, valor %2</translation>
    </message>
    <message>
        <source>%1, kept in</source>
        <translation>%1, mantenida</translation>
    </message>
    <message>
        <source>%1, calls for care</source>
        <translation>%1, pide cuidado</translation>
    </message>
</context>
<context>
    <name>app::TriadBoard</name>
    <message>
        <source>Dark, medium and light of every area</source>
        <translation>Oscuro, medio y claro de cada zona</translation>
    </message>
</context>
<context>
    <name>app::TrialCardSheet</name>
    <message>
        <source>Fields of the card</source>
        <translation>Campos de la tarjeta</translation>
    </message>
    <message>
        <source>expected</source>
        <translation>esperado</translation>
    </message>
    <message>
        <source>laid</source>
        <translation>puesto</translation>
    </message>
    <message>
        <source>expected now</source>
        <translation>esperado ahora</translation>
    </message>
    <message>
        <source>Trial card: %1</source>
        <translation>Tarjeta de prueba: %1</translation>
    </message>
    <message>
        <source>The photograph is being read.</source>
        <translation>Se está leyendo la foto.</translation>
    </message>
    <message>
        <source>Reading the card</source>
        <translation>Leyendo la carta</translation>
    </message>
    <message>
        <source>Take these readings</source>
        <translation>Tomar estas lecturas</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Dejarlas</translation>
    </message>
    <message>
        <source>This card is not remembered, and nothing is on the trial sheet: lay the sheet out as it was printed, then read the card.</source>
        <translation>Esta tarjeta ya no se recuerda, y no hay nada en la hoja de prueba: disponga la hoja como se imprimió, luego lea la tarjeta.</translation>
    </message>
    <message>
        <source>No field of this card differs from the bare paper: lay the strokes, then photograph it.</source>
        <translation>Ningún campo de esta tarjeta difiere del papel desnudo: ponga los trazos, luego fotografíela.</translation>
    </message>
    <message>
        <source>Read a trial card</source>
        <translation>Leer una tarjeta de prueba</translation>
    </message>
    <message numerus="yes">
        <source>Taken from the card: %n sticks and papers are known better.</source>
        <translation>
            <numerusform>Tomado de la tarjeta: %n barra o papel se conoce mejor.</numerusform>
            <numerusform>Tomado de la tarjeta: %n barras y papeles se conocen mejor.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>app::TrialWindow</name>
    <message>
        <source>&amp;Sheet</source>
        <translation>&amp;Hoja</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;Tarjeta</translation>
    </message>
    <message>
        <source>Print a trial card to lay for real, A4…</source>
        <translation>Imprimir una tarjeta de prueba para poner de verdad, A4…</translation>
    </message>
    <message>
        <source>The same, Letter…</source>
        <translation>Lo mismo, Carta…</translation>
    </message>
    <message>
        <source>Print a trial card</source>
        <translation>Imprimir una tarjeta de prueba</translation>
    </message>
    <message>
        <source>Cards (*.pdf)</source>
        <translation>Tarjetas (*.pdf)</translation>
    </message>
    <message>
        <source>Read a filled trial card…</source>
        <translation>Leer una tarjeta de prueba rellena…</translation>
    </message>
    <message>
        <source>Read a filled trial card</source>
        <translation>Leer una tarjeta de prueba rellena</translation>
    </message>
    <message>
        <source>Take all swatches off the card</source>
        <translation>Quitar todas las muestras de la tarjeta</translation>
    </message>
    <message>
        <source>&amp;Mixture</source>
        <translation>&amp;Mezcla</translation>
    </message>
    <message>
        <source>Keep this swatch under a name…</source>
        <translation>Guardar esta muestra con un nombre…</translation>
    </message>
    <message>
        <source>Nothing lies on the sheet that could be kept.</source>
        <translation>No hay nada en la hoja que se pueda guardar.</translation>
    </message>
    <message>
        <source>Keep a mixture</source>
        <translation>Guardar una mezcla</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Su nombre</translation>
    </message>
    <message>
        <source>Lay one of your own</source>
        <translation>Poner una de las suyas</translation>
    </message>
    <message>
        <source>Give one up</source>
        <translation>Dejar una</translation>
    </message>
    <message>
        <source>Give up the mixture %1</source>
        <translation>Dejar la mezcla %1</translation>
    </message>
    <message>
        <source>A mixture needs a name.</source>
        <translation>Una mezcla necesita un nombre.</translation>
    </message>
    <message>
        <source>This swatch is bare: lay something, then keep it.</source>
        <translation>Esta muestra está desnuda: ponga algo, luego guárdela.</translation>
    </message>
    <message>
        <source>There is a mixture called %1 already: take another name.</source>
        <translation>Ya hay una mezcla llamada %1: tome otro nombre.</translation>
    </message>
    <message>
        <source>Keep the mixture %1</source>
        <translation>Guardar la mezcla %1</translation>
    </message>
    <message>
        <source>It could not be kept: the drawer cannot be written.</source>
        <translation>No se pudo guardar: no se puede escribir en el cajón.</translation>
    </message>
    <message>
        <source>Kept as %1. Plans lay it where it serves.</source>
        <translation>Guardada como %1. Los planes la ponen donde sirve.</translation>
    </message>
    <message>
        <source>A stick of %1 is not at hand: the study draws from other ones.</source>
        <translation>Una barra de %1 no está a mano: el estudio toma de otras.</translation>
    </message>
    <message>
        <source>Nothing lies on the sheet: tick some sticks first.</source>
        <translation>No hay nada en la hoja: marque antes unas barras.</translation>
    </message>
    <message>
        <source>A card has room for %1 swatches, and %2 are on it: take some off with Space.</source>
        <translation>Una tarjeta tiene sitio para %1 muestras, y hay %2: quite algunas con Espacio.</translation>
    </message>
    <message>
        <source>The trial card is in %1. Lay it, photograph it, and read it here.</source>
        <translation>La tarjeta de prueba está en %1. Póngala, fotografíela y léala aquí.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Ladder of pressures</source>
        <translation>Escala de presiones</translation>
    </message>
    <message>
        <source>Each over every other</source>
        <translation>Cada una sobre las demás</translation>
    </message>
    <message>
        <source>One run into another</source>
        <translation>Una hacia la otra</translation>
    </message>
    <message>
        <source>The areas&apos; mixtures</source>
        <translation>Las mezclas de las zonas</translation>
    </message>
    <message>
        <source>Laid out as</source>
        <translation>Dispuesto como</translation>
    </message>
    <message>
        <source>%1: manner</source>
        <translation>%1: manera</translation>
    </message>
    <message>
        <source>%1: pressure</source>
        <translation>%1: presión</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Puesto</translation>
    </message>
    <message>
        <source>Over it</source>
        <translation>Encima</translation>
    </message>
    <message>
        <source>Find a stick</source>
        <translation>Hallar una barra</translation>
    </message>
    <message>
        <source>Sticks that are tried</source>
        <translation>Barras que se prueban</translation>
    </message>
    <message>
        <source>The plan&apos;s sticks</source>
        <translation>Las barras del plan</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguna</translation>
    </message>
    <message>
        <source>No sticks</source>
        <translation>Sin barras</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Buscado</translation>
    </message>
    <message>
        <source>What would come nearer</source>
        <translation>Lo que acercaría</translation>
    </message>
    <message>
        <source>Lay this</source>
        <translation>Poner esto</translation>
    </message>
    <message>
        <source>%1 with %2 over it</source>
        <translation>%1 con %2 encima</translation>
    </message>
    <message>
        <source>%1 anew: %2</source>
        <translation>%1 de nuevo: %2</translation>
    </message>
    <message>
        <source>; then </source>
        <translation>; luego </translation>
    </message>
    <message>
        <source>A swatch has room for %1 strokes.</source>
        <translation>Una muestra tiene sitio para %1 trazos.</translation>
    </message>
    <message>
        <source>Trial sheet · Yawning Dune</source>
        <translation>Hoja de prueba · Yawning Dune</translation>
    </message>
    <message>
        <source>No colour</source>
        <translation>Sin color</translation>
    </message>
    <message>
        <source>Where it is picked</source>
        <translation>Donde se tomó</translation>
    </message>
    <message>
        <source>What is tried</source>
        <translation>Lo que se prueba</translation>
    </message>
    <message>
        <source>best first:</source>
        <translation>mejores primero:</translation>
    </message>
    <message>
        <source>over them:</source>
        <translation>encima:</translation>
    </message>
    <message>
        <source>each comes over:</source>
        <translation>cada una sobre:</translation>
    </message>
    <message>
        <source>pressed:</source>
        <translation>apretado:</translation>
    </message>
    <message>
        <source>A sheet has room for %1 sticks: take one off first.</source>
        <translation>Una hoja tiene sitio para %1 barras: quite antes una.</translation>
    </message>
    <message>
        <source>How the sheet is laid out</source>
        <translation>Cómo está dispuesta la hoja</translation>
    </message>
    <message>
        <source>Strokes of a swatch</source>
        <translation>Trazos de una muestra</translation>
    </message>
    <message>
        <source>Open a study first: these are mixtures for the areas of its subject.</source>
        <translation>Abra antes un estudio: son mezclas para las zonas de su motivo.</translation>
    </message>
    <message>
        <source>Mixtures are being looked for.</source>
        <translation>Se buscan mezclas.</translation>
    </message>
    <message>
        <source>The best mixtures of every area</source>
        <translation>Las mejores mezclas de cada zona</translation>
    </message>
    <message>
        <source>Trial sheet</source>
        <translation>Hoja de prueba</translation>
    </message>
    <message>
        <source>Tick sticks at the left, and see how they look over each other on this paper before any is laid for real.</source>
        <translation>Marque barras a la izquierda, y vea cómo se ven unas sobre otras en este papel antes de poner ninguna de verdad.</translation>
    </message>
    <message>
        <source>Pick a colour of the subject, and the sheet says which strokes come nearest to it.</source>
        <translation>Tome un color del motivo, y la hoja dice qué trazos se le acercan más.</translation>
    </message>
    <message>
        <source>The mixture, from the paper up</source>
        <translation>La mezcla, desde el papel</translation>
    </message>
    <message>
        <source>With the next stroke, from the paper up</source>
        <translation>Con el trazo siguiente, desde el papel</translation>
    </message>
    <message>
        <source>The swatch, from the paper up</source>
        <translation>La muestra, desde el papel</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Space puts this swatch onto the card that is laid for real.</source>
        <translation>Espacio pone esta muestra en la tarjeta que se pone de verdad.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches are on the card that is laid for real.</source>
        <translation>
            <numerusform>%n muestra está en la tarjeta que se pone de verdad.</numerusform>
            <numerusform>%n muestras están en la tarjeta que se pone de verdad.</numerusform>
        </translation>
    </message>
    <message>
        <source>The paper that is tried on.</source>
        <translation>El papel en que se prueba.</translation>
    </message>
    <message>
        <source>What lies in the columns and rows.</source>
        <translation>Lo que está en las columnas y filas.</translation>
    </message>
    <message>
        <source>How it is laid.</source>
        <translation>Cómo se pone.</translation>
    </message>
    <message>
        <source>How hard, by half steps.</source>
        <translation>Con qué fuerza, por medios grados.</translation>
    </message>
    <message>
        <source>Shows only sticks that have these words.</source>
        <translation>Muestra solo barras con estas palabras.</translation>
    </message>
    <message>
        <source>Tries the sticks of the plan.</source>
        <translation>Prueba las barras del plan.</translation>
    </message>
    <message>
        <source>Takes all sticks off.</source>
        <translation>Quita todas las barras.</translation>
    </message>
    <message>
        <source>The colour that swatches are held against: an area, or one picked in the subject.</source>
        <translation>El color con que se comparan las muestras: una zona, o uno tomado en el motivo.</translation>
    </message>
    <message>
        <source>Lays the offer that is chosen onto the sheet.</source>
        <translation>Pone la propuesta elegida en la hoja.</translation>
    </message>
</context>
<context>
    <name>app::UnderpaintingStation</name>
    <message>
        <source>Wash board</source>
        <translation>Tabla de aguadas</translation>
    </message>
    <message>
        <source>%1 · laid</source>
        <translation>%1 · puesto</translation>
    </message>
    <message>
        <source>The wash board</source>
        <translation>La tabla de aguadas</translation>
    </message>
    <message>
        <source>each way&apos;s ground, and what it ends in</source>
        <translation>el fondo de cada modo, y en qué acaba</translation>
    </message>
    <message>
        <source>Ground alone</source>
        <translation>Solo el fondo</translation>
    </message>
    <message>
        <source>Beside what is laid</source>
        <translation>Junto a lo puesto</translation>
    </message>
    <message>
        <source>Left of the line what is laid, right of it what is looked at; a click moves the line.</source>
        <translation>A la izquierda de la línea lo puesto, a la derecha lo que se mira; una pulsación mueve la línea.</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>Meta</translation>
    </message>
    <message>
        <source>Drying</source>
        <translation>Secado</translation>
    </message>
    <message>
        <source>as the whole picture</source>
        <translation>como todo el cuadro</translation>
    </message>
    <message>
        <source>Under this area</source>
        <translation>Bajo esta zona</translation>
    </message>
    <message>
        <source>Mix by hand…</source>
        <translation>Mezclar a mano…</translation>
    </message>
    <message>
        <source>Click an area first.</source>
        <translation>Pulse antes una zona.</translation>
    </message>
    <message>
        <source>Take the best</source>
        <translation>Tomar el mejor</translation>
    </message>
    <message>
        <source>Lay this ground</source>
        <translation>Poner este fondo</translation>
    </message>
    <message>
        <source>Underpainting</source>
        <translation>Capa base</translation>
    </message>
    <message>
        <source>Underpainting of an area</source>
        <translation>Capa base de una zona</translation>
    </message>
    <message>
        <source>Ground mixed by hand</source>
        <translation>Fondo mezclado a mano</translation>
    </message>
    <message>
        <source>cannot be had here</source>
        <translation>no posible aquí</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers less</source>
        <translation>
            <numerusform>%1, %n capa menos</numerusform>
            <numerusform>%1, %n capas menos</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, no gain (quick)</source>
        <translation>%1, sin ganancia (rápido)</translation>
    </message>
    <message>
        <source>%1, gains nothing</source>
        <translation>%1, no gana nada</translation>
    </message>
    <message>
        <source>not chosen yet</source>
        <translation>sin elegir aún</translation>
    </message>
    <message>
        <source>by area</source>
        <translation>por zonas</translation>
    </message>
    <message>
        <source>The ground: %1</source>
        <translation>El fondo: %1</translation>
    </message>
    <message>
        <source>The sheet over: %1</source>
        <translation>La hoja encima: %1</translation>
    </message>
    <message>
        <source>A quick plan over: %1</source>
        <translation>Un plan rápido encima: %1</translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation>acaba %1</translation>
    </message>
    <message>
        <source>Left %1, right %2</source>
        <translation>Izquierda %1, derecha %2</translation>
    </message>
    <message>
        <source>The ways to begin, each tried to its end with your sticks, the best for your goal first. A click looks at one large; lay it, take the best, or click an area and give it a ground of its own.</source>
        <translation>Los modos de empezar, cada uno probado hasta el fin con sus barras, el mejor para su meta primero. Una pulsación muestra uno en grande; póngalo, tome el mejor, o pulse una zona y dele un fondo propio.</translation>
    </message>
    <message>
        <source>Its layers, wet above, dry below</source>
        <translation>Sus capas, arriba mojadas, abajo secas</translation>
    </message>
    <message>
        <source>Its layers</source>
        <translation>Sus capas</translation>
    </message>
    <message>
        <source>%1, under %2: %3</source>
        <translation>%1, bajo %2: %3</translation>
    </message>
    <message>
        <source>The ways to begin are tried as soon as the subject is read.</source>
        <translation>Los modos de empezar se prueban en cuanto se lee el motivo.</translation>
    </message>
    <message>
        <source>It is laid because it serves best.</source>
        <translation>Se pone porque sirve mejor.</translation>
    </message>
    <message>
        <source>You have laid it.</source>
        <translation>Usted lo puso.</translation>
    </message>
    <message>
        <source>The whole plan over it ends %1.</source>
        <translation>Todo el plan encima acaba %1.</translation>
    </message>
    <message>
        <source>It is being tried.</source>
        <translation>Se está probando.</translation>
    </message>
    <message>
        <source>Score %1 of 100: %2.</source>
        <translation>%1 puntos de 100: %2.</translation>
    </message>
    <message>
        <source>It glints through most in %1: %2 % of its light comes through there.</source>
        <translation>Asoma más en %1: por ahí pasa el %2 % de su luz.</translation>
    </message>
    <message>
        <source>It dries in %1 (common practice).</source>
        <translation>Seca en %1 (práctica común).</translation>
    </message>
    <message>
        <source>In all some %1 to lay; the tooth is %2 % used at the end, %3 % where it is used most.</source>
        <translation>En total unos %1 para poner; el grano se usa al %2 % al final, al %3 % donde más.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Shows the ground that is looked at without what goes over it.</source>
        <translation>Muestra el fondo que se mira sin lo que va encima.</translation>
    </message>
    <message>
        <source>How washes are dried: their waiting times follow from it.</source>
        <translation>Cómo se secan las aguadas: de ello salen sus esperas.</translation>
    </message>
    <message>
        <source>A ground of its own for the area that is chosen.</source>
        <translation>Un fondo propio para la zona elegida.</translation>
    </message>
    <message>
        <source>Leaves the ground to the plan, which lays what serves best for your goal.</source>
        <translation>Deja el fondo al plan, que pone lo que mejor sirve a su meta.</translation>
    </message>
    <message>
        <source>Lays the ground that is looked at, under the whole picture.</source>
        <translation>Pone el fondo que se mira bajo todo el cuadro.</translation>
    </message>
</context>
<context>
    <name>app::UnsavedSheet</name>
    <message>
        <source>Work that was not saved</source>
        <translation>Trabajo sin guardar</translation>
    </message>
    <message>
        <source>The program ended before these choices were saved. What you leave is offered again at the next start.</source>
        <translation>El programa acabó antes de guardar estas elecciones. Lo que deje se ofrece de nuevo en el próximo inicio.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>The sheet of %1</source>
        <translation>La hoja de %1</translation>
    </message>
    <message>
        <source>%1
Choices: %2, last written %3</source>
        <translation>%1
Elecciones: %2, escritas por última vez %3</translation>
    </message>
    <message>
        <source>A study without a title</source>
        <translation>Un estudio sin título</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Retomarlo</translation>
    </message>
    <message>
        <source>Throw it away</source>
        <translation>Tirarlo</translation>
    </message>
</context>
<context>
    <name>app::ValuesStation</name>
    <message>
        <source>The value ladder</source>
        <translation>La escala de valores</translation>
    </message>
    <message>
        <source>each mass on its rung</source>
        <translation>cada masa en su peldaño</translation>
    </message>
    <message>
        <source>Ladder</source>
        <translation>Escala</translation>
    </message>
    <message>
        <source>The masses on their rungs, and where they part</source>
        <translation>Las masas en sus peldaños, y dónde se separan</translation>
    </message>
    <message>
        <source>Groupings</source>
        <translation>Agrupaciones</translation>
    </message>
    <message>
        <source>Other ways to group the values, side by side</source>
        <translation>Otros modos de agrupar los valores, lado a lado</translation>
    </message>
    <message>
        <source>Colour choices</source>
        <translation>Elecciones de color</translation>
    </message>
    <message>
        <source>What is changed on purpose, before and after</source>
        <translation>Lo que se cambia a propósito, antes y después</translation>
    </message>
    <message>
        <source>Value steps</source>
        <translation>Pasos de valor</translation>
    </message>
    <message>
        <source>Part them exactly</source>
        <translation>Separar exactamente</translation>
    </message>
    <message>
        <source>Puts the marks where the squared distance from the subject is the least.</source>
        <translation>Pone las marcas donde la distancia cuadrática al motivo es mínima.</translation>
    </message>
    <message>
        <source>Squint</source>
        <translation>Entornar</translation>
    </message>
    <message>
        <source>1 is black</source>
        <translation>1 es negro</translation>
    </message>
    <message>
        <source>1 is white</source>
        <translation>1 es blanco</translation>
    </message>
    <message>
        <source>Counting</source>
        <translation>Cuenta</translation>
    </message>
    <message>
        <source>Where the masses part</source>
        <translation>Dónde se separan las masas</translation>
    </message>
    <message>
        <source>Masses parted exactly</source>
        <translation>Masas separadas exactamente</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>sin leer aún</translation>
    </message>
    <message>
        <source>Subject, as it is meant to be</source>
        <translation>Motivo, como se quiere</translation>
    </message>
    <message>
        <source>Subject, %1 value masses</source>
        <translation>Motivo, %1 masas de valor</translation>
    </message>
    <message>
        <source>strongest contrast</source>
        <translation>contraste más fuerte</translation>
    </message>
    <message>
        <source>The subject is %1: its masses span %2 steps of the ladder.</source>
        <translation>El motivo es %1: sus masas abarcan %2 pasos de la escala.</translation>
    </message>
    <message>
        <source>%1 % of the picture is dark, %2 % medium and %3 % light (parted at %4 and %5).</source>
        <translation>El %1 % del cuadro es oscuro, el %2 % medio y el %3 % claro (separados en %4 y %5).</translation>
    </message>
    <message>
        <source>Say under Subject, Areas, what the picture is about: then the strongest contrast is held against it.</source>
        <translation>Diga en Motivo, Zonas, de qué trata el cuadro: entonces el contraste más fuerte se compara con ello.</translation>
    </message>
    <message>
        <source>The masses part where the squared distance from the subject is the least possible; small islands are given to their neighbours. Drag the marks to part them elsewhere.</source>
        <translation>Las masas se separan donde la distancia cuadrática al motivo es la mínima posible; las islas pequeñas van a sus vecinas. Arrastre las marcas para separarlas en otro lugar.</translation>
    </message>
    <message>
        <source>The masses part where you put the marks.</source>
        <translation>Las masas se separan donde pone las marcas.</translation>
    </message>
    <message>
        <source>The mass in the frame stands at value %1 and holds %2 % of the picture.</source>
        <translation>La masa enmarcada está en el valor %1 y ocupa el %2 % del cuadro.</translation>
    </message>
    <message>
        <source>The range is narrow: a picture of so few steps reads flat unless edges or colour carry it.</source>
        <translation>El rango es estrecho: un cuadro de tan pocos pasos se ve plano si no lo llevan los bordes o el color.</translation>
    </message>
    <message>
        <source>The masses of light and dark stand on the nine rungs of the ladder. Hold Q to squint and W to see values only; drag the marks where the masses should part otherwise.</source>
        <translation>Las masas de luz y oscuro están en los nueve peldaños de la escala. Mantenga Q para entornar los ojos y W para ver solo valores; arrastre las marcas donde las masas deban separarse de otro modo.</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Valores</translation>
    </message>
    <message>
        <source>The values are read as soon as there is a picture.</source>
        <translation>Los valores se leen en cuanto hay imagen.</translation>
    </message>
    <message>
        <source>How many masses of value the subject is read in.</source>
        <translation>En cuántas masas de valor se lee el motivo.</translation>
    </message>
    <message>
        <source>How far the eyes are closed: small things melt into their masses.</source>
        <translation>Lo cerrados que están los ojos: lo pequeño se funde en su masa.</translation>
    </message>
    <message>
        <source>Whether black or white is counted as 1.</source>
        <translation>Si el negro o el blanco cuenta como 1.</translation>
    </message>
</context>
<context>
    <name>app::Wakefulness</name>
    <message>
        <source>Work at the easel</source>
        <translation>Trabajo en el caballete</translation>
    </message>
</context>
<context>
    <name>app::WayLeaf</name>
    <message>
        <source>Plan new pictures for my touch</source>
        <translation>Planear para mi toque</translation>
    </message>
    <message>
        <source>How much your hand lays and covers, in the mean of what was checked, is what later plans reckon with; this sheet too as long as it is not begun.</source>
        <translation>Cuánto pone y cubre su mano, en la media de lo controlado, es con lo que cuentan los planes siguientes; también esta hoja mientras no esté empezada.</translation>
    </message>
    <message>
        <source>Touch</source>
        <translation>Toque</translation>
    </message>
    <message>
        <source>What your hand tends to do</source>
        <translation>A lo que tiende su mano</translation>
    </message>
    <message>
        <source>That is told once a photograph of the work has been kept.</source>
        <translation>Eso se dice cuando se ha guardado una foto del trabajo.</translation>
    </message>
    <message>
        <source>Nothing more that chance would not explain.</source>
        <translation>Nada más que el azar no explicara.</translation>
    </message>
</context>
<context>
    <name>app::WayStrip</name>
    <message>
        <source>%1, step %2</source>
        <translation>%1, paso %2</translation>
    </message>
    <message>
        <source>The way to the goal</source>
        <translation>El camino a la meta</translation>
    </message>
    <message>
        <source>No photograph of this sheet has been kept by Check yet.</source>
        <translation>Control no ha guardado aún ninguna foto de esta hoja.</translation>
    </message>
    <message>
        <source>the plan comes to %1</source>
        <translation>el plan llega a %1</translation>
    </message>
</context>
<context>
    <name>drawing</name>
    <message>
        <source>a quarter of the tooth</source>
        <translation>un cuarto del grano</translation>
    </message>
    <message>
        <source>half of the tooth</source>
        <translation>la mitad del grano</translation>
    </message>
    <message>
        <source>three quarters of the tooth</source>
        <translation>tres cuartos del grano</translation>
    </message>
    <message>
        <source>here the tooth ends</source>
        <translation>aquí acaba el grano</translation>
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
        <translation>%1: sujete un recorte de %2 × %3 mm sobre este marco, cara buena arriba</translation>
    </message>
    <message>
        <source>Which stick each letter is stands on the page that goes with this window.</source>
        <translation>Qué barra es cada letra está en la página que va con esta ventana.</translation>
    </message>
    <message>
        <source>%1 nothing</source>
        <translation>%1 nada</translation>
    </message>
    <message>
        <source>%1. Print at full size. Lay each field as the ticks and the words beside it say. %2</source>
        <translation>%1. Imprima a tamaño completo. Ponga cada campo como dicen las marcas y las palabras a su lado. %2</translation>
    </message>
    <message>
        <source>Pressure: 1 light, 2 medium, 3 heavy.</source>
        <translation>Presión: 1 suave, 2 media, 3 fuerte.</translation>
    </message>
    <message>
        <source>Photograph the whole card flat, by a window, without flash. Tap dust off, never blow it.</source>
        <translation>Fotografíe toda la tarjeta plana, junto a una ventana, sin flash. Sacuda el polvo, nunca sople.</translation>
    </message>
    <message>
        <source>%1: what should be seen. This page is not photographed.</source>
        <translation>%1: lo que debería verse. Esta página no se fotografía.</translation>
    </message>
    <message>
        <source>The colours above are as this printer makes them; the words are what counts. %1</source>
        <translation>Los colores de arriba son como los hace esta impresora; cuentan las palabras. %1</translation>
    </message>
    <message>
        <source>Paper: %1</source>
        <translation>Papel: %1</translation>
    </message>
    <message>
        <source>%1, to step %2</source>
        <translation>%1, hasta el paso %2</translation>
    </message>
    <message>
        <source>Layer plan</source>
        <translation>Plan de capas</translation>
    </message>
    <message>
        <source>%1 on %2. %3, %4, %5.</source>
        <translation>%1 en %2. %3, %4, %5.</translation>
    </message>
    <message>
        <source>The reference</source>
        <translation>La referencia</translation>
    </message>
    <message>
        <source>The sheet as predicted under %1, all steps done</source>
        <translation>La hoja prevista con %1, todos los pasos hechos</translation>
    </message>
    <message>
        <source>The finished sheet is %1. Nineteen twentieths of it are within %2, with half-closed eyes the mean is %3. With an unsteady hand the tones stay within %4 in the mean; the nearest single sticks would leave %5.</source>
        <translation>La hoja acabada es %1. Diecinueve vigésimas partes están a menos de %2, con ojos entornados la media es %3. Con mano insegura los tonos quedan en la media a menos de %4; las barras solas más cercanas dejarían %5.</translation>
    </message>
    <message>
        <source>Pull these</source>
        <translation>Saque estas</translation>
    </message>
    <message>
        <source>  (toxic)</source>
        <translation>  (tóxica)</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>After the %1</source>
        <translation>Tras: %1</translation>
    </message>
    <message>
        <source>Steps %1 to %2, %3. The sheet is then %4 ΔE00 from the reference, as the eye sees both.</source>
        <translation>Pasos %1 a %2, %3. La hoja está entonces a %4 ΔE00 de la referencia, como el ojo ve ambas.</translation>
    </message>
    <message>
        <source>The section</source>
        <translation>El corte</translation>
    </message>
    <message>
        <source>A cut through the sheet: the areas side by side from the darkest to the lightest, each as wide as its share and its places from dark to light; bands for its layers, from the paper up, as thick as the pressure lays them.</source>
        <translation>Un corte de la hoja: las zonas lado a lado de la más oscura a la más clara, cada una tan ancha como su parte y sus lugares de oscuro a claro; bandas para sus capas, desde el papel, tan gruesas como las pone la presión.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>A few light lines.</source>
        <translation>Unas líneas suaves.</translation>
    </message>
    <message>
        <source>As the map shows: pale is light, dark is heavy.</source>
        <translation>Como muestra el mapa: pálido es suave, oscuro es fuerte.</translation>
    </message>
    <message>
        <source>%1, then wait %2.</source>
        <translation>%1, luego esperar %2.</translation>
    </message>
    <message>
        <source>Why: %1.</source>
        <translation>Por qué: %1.</translation>
    </message>
    <message>
        <source>Evening %1 of %2</source>
        <translation>Jornada %1 de %2</translation>
    </message>
    <message>
        <source>Steps %1 to %2, %3. Lay out: %4.</source>
        <translation>Pasos %1 a %2, %3. Prepare: %4.</translation>
    </message>
    <message>
        <source>The steps</source>
        <translation>Los pasos</translation>
    </message>
    <message>
        <source>What to mind, and safety</source>
        <translation>A qué atender, y seguridad</translation>
    </message>
    <message>
        <source>Ask a professional about questions of health.</source>
        <translation>Consulte a un profesional las dudas de salud.</translation>
    </message>
    <message>
        <source>Practice from %1 to %2</source>
        <translation>Práctica del %1 al %2</translation>
    </message>
    <message>
        <source>No exercise was answered in this week.</source>
        <translation>Esta semana no se respondió ningún ejercicio.</translation>
    </message>
    <message>
        <source>Answers: %1, of which right: %2.</source>
        <translation>Respuestas: %1, de ellas buenas: %2.</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Siguiente</translation>
    </message>
    <message>
        <source>%1, on %2</source>
        <translation>%1, el %2</translation>
    </message>
    <message>
        <source>You tell %1 apart.</source>
        <translation>Distingue %1.</translation>
    </message>
    <message>
        <source>You tell %1 apart; the week before it was %2.</source>
        <translation>Distingue %1; la semana anterior eran %2.</translation>
    </message>
    <message>
        <source>On %1; %2 at the easel, in %3.</source>
        <translation>El %1; %2 en el caballete, en %3.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Lo que se usó</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>Print at full size. Lay each stick light, medium and heavy, half over the paper and half over the black.</source>
        <translation>Imprima a tamaño completo. Ponga cada barra suave, media y fuerte, mitad sobre el papel y mitad sobre el negro.</translation>
    </message>
    <message>
        <source>light</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>fuerte</translation>
    </message>
    <message>
        <source>Which row is what. Of a paper lay an offcut over its whole row. This page is not photographed.</source>
        <translation>Qué fila es qué. De un papel ponga un recorte sobre toda su fila. Esta página no se fotografía.</translation>
    </message>
</context>
<context>
    <name>wording</name>
    <message>
        <source>Dark to light</source>
        <translation>De oscuro a claro</translation>
    </message>
    <message>
        <source>Each area is laid from its darkest stick to its lightest.</source>
        <translation>Cada zona se pone de su barra más oscura a la más clara.</translation>
    </message>
    <message>
        <source>Light base first</source>
        <translation>Base clara primero</translation>
    </message>
    <message>
        <source>Each area begins with its lightest stick, and the darks are laid over it.</source>
        <translation>Cada zona empieza con su barra más clara, y los oscuros se ponen encima.</translation>
    </message>
    <message>
        <source>Background first</source>
        <translation>Fondo primero</translation>
    </message>
    <message>
        <source>What lies behind is laid before what overlaps it.</source>
        <translation>Lo que está detrás se pone antes de lo que lo tapa.</translation>
    </message>
    <message>
        <source>Focal feature first</source>
        <translation>Foco primero</translation>
    </message>
    <message>
        <source>What the picture is about is finished first, and all else is tuned to it.</source>
        <translation>De lo que trata el cuadro se acaba primero, y todo lo demás se afina a ello.</translation>
    </message>
    <message>
        <source>Hard to soft</source>
        <translation>De duro a blando</translation>
    </message>
    <message>
        <source>Hard points go under soft sticks wherever they would not hold the other way round.</source>
        <translation>Las puntas duras van bajo las barras blandas donde al revés no agarrarían.</translation>
    </message>
    <message>
        <source>Soft base, pencils over</source>
        <translation>Base blanda, lápices encima</translation>
    </message>
    <message>
        <source>A thin base of soft pastel is rubbed in, and everything over it is pencil or hard stick.</source>
        <translation>Se frota una base fina de pastel blando, y todo lo de encima es lápiz o barra dura.</translation>
    </message>
    <message>
        <source>Sparingly</source>
        <translation>Con mesura</translation>
    </message>
    <message>
        <source>A layer is blended only where that betters its area clearly.</source>
        <translation>Una capa se difumina solo donde eso mejora claramente su zona.</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Liso</translation>
    </message>
    <message>
        <source>Layers are blended with sponge, finger, stump or shaper wherever it serves; light areas before dark ones, never across an edge.</source>
        <translation>Las capas se difuminan con esponja, dedo, difumino o modelador donde sirve; las zonas claras antes que las oscuras, nunca a través de un borde.</translation>
    </message>
    <message>
        <source>Strokes kept</source>
        <translation>Trazos vivos</translation>
    </message>
    <message>
        <source>Everything is hatched: the colours stay apart, and mix in the eye.</source>
        <translation>Todo se raya: los colores quedan aparte y se mezclan en el ojo.</translation>
    </message>
    <message>
        <source>Last, in the darks</source>
        <translation>Al final, en los oscuros</translation>
    </message>
    <message>
        <source>Black goes on last, only in the darks, and is never blended.</source>
        <translation>El negro va al final, solo en los oscuros, y nunca se difumina.</translation>
    </message>
    <message>
        <source>Never</source>
        <translation>Nunca</translation>
    </message>
    <message>
        <source>No black is used: the darks are mixed.</source>
        <translation>No se usa negro: los oscuros se mezclan.</translation>
    </message>
    <message>
        <source>Freely</source>
        <translation>Libremente</translation>
    </message>
    <message>
        <source>Black is used like any other stick.</source>
        <translation>El negro se usa como cualquier barra.</translation>
    </message>
    <message>
        <source>Between layers</source>
        <translation>Entre capas</translation>
    </message>
    <message>
        <source>Fixative goes between layers where the tooth wants it back.</source>
        <translation>El fijador va entre capas donde el grano lo pide.</translation>
    </message>
    <message>
        <source>Only to darken</source>
        <translation>Solo para oscurecer</translation>
    </message>
    <message>
        <source>Fixative is used only where it darkens towards what is wanted.</source>
        <translation>El fijador se usa solo donde oscurece hacia lo que se busca.</translation>
    </message>
    <message>
        <source>No fixative: pressure and layers are kept within the tooth.</source>
        <translation>Sin fijador: presión y capas quedan dentro del grano.</translation>
    </message>
    <message>
        <source>Faithful</source>
        <translation>Fiel</translation>
    </message>
    <message>
        <source>Colours are those of the reference.</source>
        <translation>Los colores son los de la referencia.</translation>
    </message>
    <message>
        <source>Pushed</source>
        <translation>Subido</translation>
    </message>
    <message>
        <source>Colours are meant stronger than in the reference, and contrast a little too: the picture has to compete with life. The difference is then told from these.</source>
        <translation>Los colores se quieren más fuertes que en la referencia, y el contraste también un poco: el cuadro ha de competir con la vida. La diferencia se dice entonces desde estos.</translation>
    </message>
    <message>
        <source>As they are</source>
        <translation>Como son</translation>
    </message>
    <message>
        <source>The highest lights are those of the reference.</source>
        <translation>Las luces más altas son las de la referencia.</translation>
    </message>
    <message>
        <source>A little stronger</source>
        <translation>Algo más fuertes</translation>
    </message>
    <message>
        <source>The highest lights are meant half a step lighter.</source>
        <translation>Las luces más altas se quieren medio paso más claras.</translation>
    </message>
    <message>
        <source>Whole picture at once</source>
        <translation>Todo el cuadro a la vez</translation>
    </message>
    <message>
        <source>Every area is blocked in before any is built up.</source>
        <translation>Cada zona se mancha antes de construir ninguna.</translation>
    </message>
    <message>
        <source>Area by area</source>
        <translation>Zona por zona</translation>
    </message>
    <message>
        <source>One area is finished before the next is begun.</source>
        <translation>Una zona se acaba antes de empezar la siguiente.</translation>
    </message>
    <message>
        <source>Value order</source>
        <translation>Orden de valores</translation>
    </message>
    <message>
        <source>What first</source>
        <translation>Qué primero</translation>
    </message>
    <message>
        <source>Hard and soft</source>
        <translation>Duro y blando</translation>
    </message>
    <message>
        <source>Blending</source>
        <translation>Difuminado</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Negro</translation>
    </message>
    <message>
        <source>Underpainting</source>
        <translation>Capa base</translation>
    </message>
    <message>
        <source>Fixative</source>
        <translation>Fijador</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Highlights</source>
        <translation>Brillos</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>En la hoja</translation>
    </message>
    <message>
        <source>Landscape, dark to light</source>
        <translation>Paisaje, de oscuro a claro</translation>
    </message>
    <message>
        <source>Animal in pencil, light base, eyes first</source>
        <translation>Animal a lápiz, base clara, ojos primero</translation>
    </message>
    <message>
        <source>Figure, hatched</source>
        <translation>Figura, rayada</translation>
    </message>
    <message>
        <source>Portrait, blended</source>
        <translation>Retrato, difuminado</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 más lejos</translation>
    </message>
    <message>
        <source>%1 nearer</source>
        <translation>%1 más cerca</translation>
    </message>
    <message numerus="yes">
        <source>%1 layers</source>
        <comment>more or fewer</comment>
        <translation>
            <numerusform>%1 capa</numerusform>
            <numerusform>%1 capas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>changes no figure</source>
        <translation>no cambia ninguna cifra</translation>
    </message>
    <message>
        <source>%1 mm too low</source>
        <translation>%1 mm demasiado bajo</translation>
    </message>
    <message>
        <source>%1 mm too high</source>
        <translation>%1 mm demasiado alto</translation>
    </message>
    <message>
        <source>%1 mm too far right</source>
        <translation>%1 mm demasiado a la derecha</translation>
    </message>
    <message>
        <source>%1 mm too far left</source>
        <translation>%1 mm demasiado a la izquierda</translation>
    </message>
    <message>
        <source>in its place</source>
        <translation>en su lugar</translation>
    </message>
    <message>
        <source>Lay other layers</source>
        <translation>Poner otras capas</translation>
    </message>
    <message>
        <source>Lift first</source>
        <translation>Levantar antes</translation>
    </message>
    <message>
        <source>Fix it darker first</source>
        <translation>Oscurecer antes con fijador</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>place by place it comes to %1</source>
        <translation>lugar por lugar llega a %1</translation>
    </message>
    <message>
        <source>Leave out a layer that is left: %1.</source>
        <translation>Dejar fuera una capa que queda: %1.</translation>
    </message>
    <message>
        <source>Lay %1: %2.</source>
        <translation>Poner %1: %2.</translation>
    </message>
    <message>
        <source>Lift what lies loose, then go on as planned: %1.</source>
        <translation>Levantar lo suelto, luego seguir como está previsto: %1.</translation>
    </message>
    <message>
        <source>Lift what lies loose, then lay %1: %2.</source>
        <translation>Levantar lo suelto, luego poner %1: %2.</translation>
    </message>
    <message>
        <source>Fix it, which darkens it and gives tooth back: %1.</source>
        <translation>Fijar, lo que oscurece y devuelve grano: %1.</translation>
    </message>
    <message>
        <source>Fix it, which darkens it and gives tooth back, then lay %1: %2.</source>
        <translation>Fijar, lo que oscurece y devuelve grano, luego poner %1: %2.</translation>
    </message>
    <message>
        <source>Let it be: %1</source>
        <translation>Dejarlo: %1</translation>
    </message>
    <message>
        <source>Let it be: what is still to be laid brings it from %1 to %2, place by place.</source>
        <translation>Dejarlo: lo que aún se ha de poner lo lleva de %1 a %2, lugar por lugar.</translation>
    </message>
    <message>
        <source>Let it be: place by place it stays %1 off.</source>
        <translation>Dejarlo: lugar por lugar queda a %1.</translation>
    </message>
    <message>
        <source>lays some %1 % more</source>
        <translation>pone un %1 % más</translation>
    </message>
    <message>
        <source>lays some %1 % less</source>
        <translation>pone un %1 % menos</translation>
    </message>
    <message>
        <source>covers %1 % more</source>
        <translation>cubre un %1 % más</translation>
    </message>
    <message>
        <source>covers %1 % less</source>
        <translation>cubre un %1 % menos</translation>
    </message>
    <message>
        <source> and </source>
        <translation> y </translation>
    </message>
    <message>
        <source>Your hand lays as much as usual.</source>
        <translation>Su mano pone lo usual.</translation>
    </message>
    <message>
        <source>Your hand %1 than usual; what is left is planned by that.</source>
        <translation>Su mano %1 de lo usual; lo que queda se planea así.</translation>
    </message>
    <message>
        <source>Your touch is as plans reckon with.</source>
        <translation>Su toque es como cuentan los planes.</translation>
    </message>
    <message>
        <source>Your hand %1 than usual.</source>
        <translation>Su mano %1 de lo usual.</translation>
    </message>
    <message numerus="yes">
        <source>(%n areas)</source>
        <translation>
            <numerusform>(%n zona)</numerusform>
            <numerusform>(%n zonas)</numerusform>
        </translation>
    </message>
    <message>
        <source>In the darks: %1 %2.</source>
        <translation>En los oscuros: %1 %2.</translation>
    </message>
    <message>
        <source>In the middle tones: %1 %2.</source>
        <translation>En los tonos medios: %1 %2.</translation>
    </message>
    <message>
        <source>In the lights: %1 %2.</source>
        <translation>En los claros: %1 %2.</translation>
    </message>
    <message numerus="yes">
        <source>Told from %1 areas of %n kept photographs.</source>
        <translation>
            <numerusform>Según %1 zonas de %n foto guardada.</numerusform>
            <numerusform>Según %1 zonas de %n fotos guardadas.</numerusform>
        </translation>
    </message>
    <message>
        <source>Its leftmost point</source>
        <translation>Su punto más a la izquierda</translation>
    </message>
    <message>
        <source>Its rightmost point</source>
        <translation>Su punto más a la derecha</translation>
    </message>
    <message>
        <source>Its highest point</source>
        <translation>Su punto más alto</translation>
    </message>
    <message>
        <source>Its lowest point</source>
        <translation>Su punto más bajo</translation>
    </message>
    <message>
        <source>%1 stands %2 against the %3, with which it should be plumb.</source>
        <translation>%1 está %2 respecto a: %3, con lo que debería estar a plomo.</translation>
    </message>
    <message>
        <source>%1 stands %2 against the %3, with which it should be level.</source>
        <translation>%1 está %2 respecto a: %3, con lo que debería estar a nivel.</translation>
    </message>
    <message>
        <source>a shadow lies over %1 % of the sheet</source>
        <translation>una sombra cubre el %1 % de la hoja</translation>
    </message>
    <message>
        <source>light gleams on %1 % of it</source>
        <translation>hay reflejo en el %1 %</translation>
    </message>
    <message>
        <source>Left out, and hatched: %1. A photograph without it tells more.</source>
        <translation>Dejado fuera, y rayado: %1. Una foto sin ello dice más.</translation>
    </message>
    <message>
        <source>The colours are balanced by the grey card; all together they may be off by %1.</source>
        <translation>Los colores se equilibran con la tarjeta gris; en total pueden desviarse %1.</translation>
    </message>
    <message>
        <source>The colours are balanced by the swatch card; all together they may be off by %1.</source>
        <translation>Los colores se equilibran con la carta de muestras; en total pueden desviarse %1.</translation>
    </message>
    <message>
        <source>The colours are balanced by the tape; all together they may be off by %1. A grey card beside the sheet makes them surer.</source>
        <translation>Los colores se equilibran con la cinta; en total pueden desviarse %1. Una tarjeta gris junto a la hoja les da más certeza.</translation>
    </message>
    <message>
        <source>The colours are balanced by the bare paper round the picture; all together they may be off by %1. A grey card beside the sheet makes them surer.</source>
        <translation>Los colores se equilibran con el papel desnudo en torno al cuadro; en total pueden desviarse %1. Una tarjeta gris junto a la hoja les da más certeza.</translation>
    </message>
    <message>
        <source>%1: %2 goes %3 under one layer of %4</source>
        <translation>%1: %2 se vuelve %3 bajo una capa de %4</translation>
    </message>
    <message>
        <source>%1, and four soft layers do not cover it</source>
        <translation>%1, y cuatro capas blandas no lo cubren</translation>
    </message>
    <message numerus="yes">
        <source>%1; %n soft layers cover it</source>
        <translation>
            <numerusform>%1; %n capa blanda lo cubre</numerusform>
            <numerusform>%1; %n capas blandas lo cubren</numerusform>
        </translation>
    </message>
    <message>
        <source>as proposed</source>
        <translation>como se propone</translation>
    </message>
    <message>
        <source>bare paper</source>
        <translation>papel desnudo</translation>
    </message>
    <message>
        <source>values in one colour</source>
        <translation>valores en un color</translation>
    </message>
    <message>
        <source>local washes</source>
        <translation>aguadas del tono local</translation>
    </message>
    <message>
        <source>complements</source>
        <translation>complementarios</translation>
    </message>
    <message>
        <source>cool shadows</source>
        <translation>sombras frías</translation>
    </message>
    <message>
        <source>warm all over</source>
        <translation>cálido por todo</translation>
    </message>
    <message>
        <source>ink in the deepest darks</source>
        <translation>tinta en lo más oscuro</translation>
    </message>
    <message>
        <source>charcoal tone map</source>
        <translation>mapa de tonos al carbón</translation>
    </message>
    <message>
        <source>dry base, rubbed in</source>
        <translation>base seca, frotada</translation>
    </message>
    <message>
        <source>pastel brushed out</source>
        <translation>pastel extendido a pincel</translation>
    </message>
    <message>
        <source>The way to begin that serves best is taken.</source>
        <translation>Se toma el modo de empezar que mejor sirve.</translation>
    </message>
    <message>
        <source>The first stick goes on the bare paper.</source>
        <translation>La primera barra va sobre el papel desnudo.</translation>
    </message>
    <message>
        <source>One colour in several strengths puts the values down, whatever the hues.</source>
        <translation>Un color en varias fuerzas pone los valores, sean cuales sean los tonos.</translation>
    </message>
    <message>
        <source>A flat tone under each area, its own hue and a step darker, since the layers above lighten it.</source>
        <translation>Un tono plano bajo cada zona, de su tono y un paso más oscuro, pues las capas de encima lo aclaran.</translation>
    </message>
    <message>
        <source>Under each area lies the opposite of its hue at the same value, to glint between the strokes.</source>
        <translation>Bajo cada zona está el opuesto de su tono con el mismo valor, para centellear entre los trazos.</translation>
    </message>
    <message>
        <source>Blue-violet lies under what is dark; the lights stay bare.</source>
        <translation>Azul violeta bajo lo oscuro; las luces quedan desnudas.</translation>
    </message>
    <message>
        <source>One warm orange tone lies under everything.</source>
        <translation>Un naranja cálido está bajo todo.</translation>
    </message>
    <message>
        <source>Ink lies under what is darker than soft pastel gets, and stays visible as a map.</source>
        <translation>La tinta está bajo lo más oscuro de lo que llega el pastel blando, y queda visible como mapa.</translation>
    </message>
    <message>
        <source>Charcoal, rubbed in, maps the values.</source>
        <translation>Carbón frotado marca los valores.</translation>
    </message>
    <message>
        <source>A thin layer of stick near each area&apos;s colour is rubbed into the tooth.</source>
        <translation>Una capa fina de barra cercana al color de cada zona se frota en el grano.</translation>
    </message>
    <message>
        <source>A thin layer of stick near each area&apos;s colour is brushed out with alcohol.</source>
        <translation>Una capa fina de barra cercana al color de cada zona se extiende con alcohol a pincel.</translation>
    </message>
    <message>
        <source>Truest colour</source>
        <translation>Color más fiel</translation>
    </message>
    <message>
        <source>Least work</source>
        <translation>Menos trabajo</translation>
    </message>
    <message>
        <source>Most sparkle</source>
        <translation>Más centelleo</translation>
    </message>
    <message>
        <source>Most vivid</source>
        <translation>Más vivo</translation>
    </message>
    <message>
        <source>Dry in the air</source>
        <translation>Secar al aire</translation>
    </message>
    <message>
        <source>Dry with a hair dryer</source>
        <translation>Secar con secador</translation>
    </message>
    <message>
        <source>Dry with a heat gun</source>
        <translation>Secar con pistola de calor</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>color</translation>
    </message>
    <message>
        <source>work</source>
        <translation>trabajo</translation>
    </message>
    <message>
        <source>tooth</source>
        <translation>grano</translation>
    </message>
    <message>
        <source>first darks and lights</source>
        <translation>primeros oscuros y claros</translation>
    </message>
    <message>
        <source>sparkle</source>
        <translation>centelleo</translation>
    </message>
    <message>
        <source>vividness</source>
        <translation>viveza</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 de %3</translation>
    </message>
    <message>
        <source>the first dark stands %1 steps below it and the first light %2 above: both show from the first stroke</source>
        <translation>el primer oscuro está %1 pasos por debajo y la primera luz %2 por encima: ambos se ven desde el primer trazo</translation>
    </message>
    <message>
        <source>lights hardly show on it: the first stroke of the lightest is %1 steps away</source>
        <translation>las luces apenas se ven: el primer trazo de la más clara está a %1 pasos</translation>
    </message>
    <message>
        <source>lights do not show on it: the first stroke of the lightest is no lighter</source>
        <translation>las luces no se ven: el primer trazo de la más clara no es más claro</translation>
    </message>
    <message>
        <source>darks hardly show on it: the first stroke of the darkest is %1 steps away</source>
        <translation>los oscuros apenas se ven: el primer trazo de la más oscura está a %1 pasos</translation>
    </message>
    <message>
        <source>darks do not show on it: the first stroke of the darkest is no darker</source>
        <translation>los oscuros no se ven: el primer trazo de la más oscura no es más oscuro</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n layers may be left out to come as near as the middle one of your papers does</source>
        <translation>
            <numerusform>%1 de %n capa puede omitirse para llegar tan cerca como el papel medio de los suyos</numerusform>
            <numerusform>%1 de %n capas pueden omitirse para llegar tan cerca como el papel medio de los suyos</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 % of the picture is nearly its colour already</source>
        <translation>el %1 % del cuadro ya tiene casi su color</translation>
    </message>
    <message>
        <source>complement of %1 % of the picture: it glints between the strokes</source>
        <translation>complementario del %1 % del cuadro: centellea entre los trazos</translation>
    </message>
    <message>
        <source>its tooth lasts: what is filled most is %1 % full at the end</source>
        <translation>su grano dura: lo más lleno está al %1 % al final</translation>
    </message>
    <message>
        <source>its tooth runs short: what is filled most is %1 % full at the end</source>
        <translation>su grano se acaba: lo más lleno está al %1 % al final</translation>
    </message>
    <message>
        <source>takes a wash</source>
        <translation>admite una aguada</translation>
    </message>
    <message>
        <source>takes a thin wash; much water cockles it</source>
        <translation>admite una aguada fina; mucha agua lo ondula</translation>
    </message>
    <message>
        <source>takes no water: a dry underpainting only</source>
        <translation>no admite agua: solo capa base seca</translation>
    </message>
    <message>
        <source>leaves %1 ΔE00, more than half of your papers do (%2)</source>
        <translation>deja %1 ΔE00, más que la mitad de sus papeles (%2)</translation>
    </message>
    <message>
        <source>its other side scores %1 points more</source>
        <translation>su otra cara tiene %1 puntos más</translation>
    </message>
    <message>
        <source>its other side scores %1 points less</source>
        <translation>su otra cara tiene %1 puntos menos</translation>
    </message>
    <message>
        <source>its sheets of %1 × %2 mm are too small for the picture with its border</source>
        <translation>sus hojas de %1 × %2 mm son pequeñas para el cuadro con su borde</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>Water spoils %1: choose a paper that takes it, or a dry ground.</source>
        <translation>El agua estropea %1: elija un papel que la admita, o un fondo seco.</translation>
    </message>
    <message>
        <source>Alcohol mats the pile of %1: rub the base in dry.</source>
        <translation>El alcohol apelmaza el pelo de %1: frote la base en seco.</translation>
    </message>
    <message>
        <source>There is no paint in the tray: add watercolour, gouache or acrylic under Materials.</source>
        <translation>No hay pintura en la bandeja: añada acuarela, gouache o acrílico en Material.</translation>
    </message>
    <message>
        <source>There is no ink in the tray: add one under Materials.</source>
        <translation>No hay tinta en la bandeja: añada alguna en Material.</translation>
    </message>
    <message>
        <source>There is no charcoal in the tray: add some under Materials.</source>
        <translation>No hay carbón en la bandeja: añada alguno en Material.</translation>
    </message>
    <message>
        <source>There is no stick in the tray to rub in: add soft or hard ones under Materials.</source>
        <translation>No hay barra que frotar en la bandeja: añada blandas o duras en Material.</translation>
    </message>
    <message>
        <source>Nothing here is darker than soft pastel gets: ink has no work to do.</source>
        <translation>Nada aquí es más oscuro que el pastel blando: la tinta no tiene trabajo.</translation>
    </message>
    <message>
        <source>%1 hardly shows on %2 (%3): take an opaque paint there.</source>
        <translation>%1 apenas se ve sobre %2 (%3): tome ahí una pintura opaca.</translation>
    </message>
    <message>
        <source>%1 laid so fills %2 % of the tooth of %3: thin it.</source>
        <translation>%1 puesto así llena el %2 % del grano de %3: dilúyalo.</translation>
    </message>
    <message>
        <source>So much water cockles %1: lay it thinner, or stretch the sheet.</source>
        <translation>Tanta agua ondula %1: póngala más fina, o tense la hoja.</translation>
    </message>
    <message>
        <source>%1 takes no water: %2 mats its surface.</source>
        <translation>%1 no admite agua: %2 apelmaza su superficie.</translation>
    </message>
    <message>
        <source>Alcohol and a heat gun never go together: let it dry in the air, with the window open and no flame near. Follow the label and the safety data sheet.</source>
        <translation>Alcohol y pistola de calor nunca van juntos: deje secar al aire, con la ventana abierta y sin llama cerca. Siga la etiqueta y la ficha de datos de seguridad.</translation>
    </message>
    <message>
        <source>Keep the heat gun moving: it scorches paper and skin.</source>
        <translation>Mantenga la pistola de calor en movimiento: quema papel y piel.</translation>
    </message>
    <message>
        <source>No ground of this kind brings the sheet nearer.</source>
        <translation>Ningún fondo de este tipo acerca la hoja.</translation>
    </message>
    <message numerus="yes">
        <source>As near as the bare sheet (%1) with %2 of %n layers less, for %3 of its own; with all of its layers %4.</source>
        <translation>
            <numerusform>Tan cerca como la hoja desnuda (%1) con %2 de %n capa menos, por %3 propias; con todas sus capas %4.</numerusform>
            <numerusform>Tan cerca como la hoja desnuda (%1) con %2 de %n capas menos, por %3 propias; con todas sus capas %4.</numerusform>
        </translation>
    </message>
    <message>
        <source>It gains nothing: the sheet ends at %1, bare at %2.</source>
        <translation>No gana nada: la hoja acaba en %1, desnuda en %2.</translation>
    </message>
    <message numerus="yes">
        <source>It gains nothing: it saves %n layers and costs %1.</source>
        <translation>
            <numerusform>No gana nada: ahorra %n capa y cuesta %1.</numerusform>
            <numerusform>No gana nada: ahorra %n capas y cuesta %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>alcohol</source>
        <translation>alcohol</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>dedo</translation>
    </message>
    <message numerus="yes">
        <source>%n parts %1</source>
        <translation>
            <numerusform>%n parte de %1</numerusform>
            <numerusform>%n partes de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>a thin wash</source>
        <translation>una aguada fina</translation>
    </message>
    <message>
        <source>a wash</source>
        <translation>una aguada</translation>
    </message>
    <message>
        <source>a strong wash</source>
        <translation>una aguada fuerte</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message numerus="yes">
        <source>A sheet of %1 gives %n pieces of %2.</source>
        <translation>
            <numerusform>Una hoja de %1 da %n pieza de %2.</numerusform>
            <numerusform>Una hoja de %1 da %n piezas de %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tape covers %1 mm on each side.</source>
        <translation>La cinta cubre %1 mm a cada lado.</translation>
    </message>
    <message>
        <source>Its fibres run across the picture from side to side: wet, it swells from top to bottom.</source>
        <translation>Sus fibras van de lado a lado del cuadro: mojada, crece de arriba abajo.</translation>
    </message>
    <message>
        <source>Its fibres run from top to bottom of the picture: wet, it swells from side to side.</source>
        <translation>Sus fibras van de arriba abajo del cuadro: mojada, crece de lado a lado.</translation>
    </message>
    <message numerus="yes">
        <source>The %1 pictures of the series need %n sheets, all cut the same way.</source>
        <translation>
            <numerusform>Los %1 cuadros de la serie piden %n hoja, cortada igual.</numerusform>
            <numerusform>Los %1 cuadros de la serie piden %n hojas, todas cortadas igual.</numerusform>
        </translation>
    </message>
    <message>
        <source>Sheets at hand: %1, not enough.</source>
        <translation>Hojas a mano: %1, no bastan.</translation>
    </message>
    <message>
        <source>Sheets at hand: %1.</source>
        <translation>Hojas a mano: %1.</translation>
    </message>
    <message>
        <source>A strip of %1 is left for offcuts.</source>
        <translation>Queda una tira de %1 para recortes.</translation>
    </message>
    <message>
        <source>%1 to %2 min</source>
        <translation>%1 a %2 min</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n paso</numerusform>
            <numerusform>%n pasos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n layers</source>
        <translation>
            <numerusform>%n capa</numerusform>
            <numerusform>%n capas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sticks</source>
        <translation>
            <numerusform>%n barra</numerusform>
            <numerusform>%n barras</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n things</source>
        <translation>
            <numerusform>%n cosa</numerusform>
            <numerusform>%n cosas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n trays</source>
        <translation>
            <numerusform>%n bandeja</numerusform>
            <numerusform>%n bandejas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n evenings</source>
        <translation>
            <numerusform>%n jornada</numerusform>
            <numerusform>%n jornadas</numerusform>
        </translation>
    </message>
    <message>
        <source>It is %1, value %2, chroma %3; its colour was %4 and may be off by %5.</source>
        <translation>Color: %1, valor %2, croma %3; fue %4 y puede desviarse %5.</translation>
    </message>
    <message>
        <source>It is %1, value %2, chroma %3; its colour was %4.</source>
        <translation>Color: %1, valor %2, croma %3; fue %4.</translation>
    </message>
    <message>
        <source>sanded 400</source>
        <translation>lijado 400</translation>
    </message>
    <message>
        <source>sanded 600</source>
        <translation>lijado 600</translation>
    </message>
    <message>
        <source>microfibre card</source>
        <translation>cartón de microfibra</translation>
    </message>
    <message>
        <source>velour</source>
        <translation>terciopelo</translation>
    </message>
    <message>
        <source>honeycomb, rough side</source>
        <translation>panal, cara rugosa</translation>
    </message>
    <message>
        <source>honeycomb, smooth side</source>
        <translation>panal, cara lisa</translation>
    </message>
    <message>
        <source>laid</source>
        <translation>puesto</translation>
    </message>
    <message>
        <source>cartridge</source>
        <translation>papel de dibujo</translation>
    </message>
    <message>
        <source>no water</source>
        <translation>nada de agua</translation>
    </message>
    <message>
        <source>water</source>
        <translation>agua</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>along the width</source>
        <translation>a lo ancho</translation>
    </message>
    <message>
        <source>along the height</source>
        <translation>a lo alto</translation>
    </message>
    <message>
        <source>full</source>
        <translation>entero</translation>
    </message>
    <message>
        <source>half</source>
        <translation>mitad</translation>
    </message>
    <message>
        <source>a stub</source>
        <translation>un cabo</translation>
    </message>
    <message>
        <source>used up</source>
        <translation>gastado</translation>
    </message>
    <message>
        <source>stump</source>
        <translation>difumino</translation>
    </message>
    <message>
        <source>rubber shaper</source>
        <translation>modelador de goma</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>esponja</translation>
    </message>
    <message>
        <source>soft brush</source>
        <translation>pincel suave</translation>
    </message>
    <message>
        <source>plastic knife</source>
        <translation>cuchillo de plástico</translation>
    </message>
    <message>
        <source>putty eraser</source>
        <translation>goma maleable</translation>
    </message>
    <message>
        <source>fixative</source>
        <translation>fijador</translation>
    </message>
    <message>
        <source>glassine</source>
        <translation>papel cristal</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>cinta</translation>
    </message>
    <message>
        <source>sandpaper</source>
        <translation>lija</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>útil</translation>
    </message>
    <message>
        <source>taken from a list</source>
        <translation>tomado de una lista</translation>
    </message>
    <message>
        <source>typed in</source>
        <translation>tecleado</translation>
    </message>
    <message>
        <source>picked from a photograph</source>
        <translation>tomado de una foto</translation>
    </message>
    <message>
        <source>read off a swatch card</source>
        <translation>leído de una carta de muestras</translation>
    </message>
    <message>
        <source>measured by a colour reader</source>
        <translation>medido por un lector de color</translation>
    </message>
    <message>
        <source>id</source>
        <translation>identificador</translation>
    </message>
    <message>
        <source>number on the label</source>
        <translation>número de la etiqueta</translation>
    </message>
    <message>
        <source>colour (#rrggbb)</source>
        <translation>color (#rrggbb)</translation>
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
        <translation>poder cubriente</translation>
    </message>
    <message>
        <source>calls for care</source>
        <translation>pide cuidado</translation>
    </message>
    <message>
        <source>takes water</source>
        <translation>admite agua</translation>
    </message>
    <message>
        <source>what is left</source>
        <translation>lo que queda</translation>
    </message>
    <message>
        <source>slot in the box</source>
        <translation>ranura de la caja</translation>
    </message>
    <message>
        <source>where its colour is from</source>
        <translation>de dónde es su color</translation>
    </message>
    <message>
        <source>A %1.</source>
        <translation>Tipo: %1.</translation>
    </message>
    <message>
        <source>A %1 by %2.</source>
        <translation>Tipo: %1, de %2.</translation>
    </message>
    <message>
        <source>Number %1 on the label.</source>
        <translation>Número %1 en la etiqueta.</translation>
    </message>
    <message>
        <source>Pigments: %1.</source>
        <translation>Pigmentos: %1.</translation>
    </message>
    <message>
        <source>Lightfastness: %1.</source>
        <translation>Solidez a la luz: %1.</translation>
    </message>
    <message>
        <source>It hides %1 times as well as is usual for its kind, give or take %2 %.</source>
        <translation>Cubre %1 veces lo usual en su tipo, con un %2 % de error.</translation>
    </message>
    <message>
        <source>It hides %1 times as well as is usual for its kind.</source>
        <translation>Cubre %1 veces lo usual en su tipo.</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papel</translation>
    </message>
    <message>
        <source>Surface: %1; its tooth holds about %2 full layers. %3</source>
        <translation>Superficie: %1; su grano retiene unas %2 capas plenas. %3</translation>
    </message>
    <message>
        <source>It takes %1.</source>
        <translation>Admite: %1.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>If it is missing, the nearest is %1: %2.</source>
        <translation>Si falta, lo más cercano es %1: %2.</translation>
    </message>
    <message>
        <source>Or %1, then %2: %3.</source>
        <translation>O %1, luego %2: %3.</translation>
    </message>
    <message>
        <source>%1 %2 at %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 (%2), value %3</source>
        <translation>%1 (%2), valor %3</translation>
    </message>
    <message>
        <source>The strong black is %1.</source>
        <translation>El negro fuerte es %1.</translation>
    </message>
    <message>
        <source>The strong white, brilliant for crisp lights, is %1.</source>
        <translation>El blanco fuerte, brillante para luces nítidas, es %1.</translation>
    </message>
    <message>
        <source>The strong white is %1.</source>
        <translation>El blanco fuerte es %1.</translation>
    </message>
    <message>
        <source>The chalky white, soft for blending and subdued lights, is %1.</source>
        <translation>El blanco tizoso, suave para difuminar y luces apagadas, es %1.</translation>
    </message>
    <message>
        <source>Its pigment holds %1. Wear gloves, make no dust, and follow the label and the safety data sheet.</source>
        <translation>Su pigmento contiene %1. Use guantes, no haga polvo, y siga la etiqueta y la ficha de datos de seguridad.</translation>
    </message>
    <message>
        <source>Fixative is flammable: outdoors or with strong ventilation, and no flame. Follow its label.</source>
        <translation>El fijador es inflamable: al aire libre o con fuerte ventilación, y sin llama. Siga su etiqueta.</translation>
    </message>
    <message>
        <source>light</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>fuerte</translation>
    </message>
    <message>
        <source>%1 pressure</source>
        <translation>presión: %1</translation>
    </message>
    <message>
        <source>mostly %1 pressure</source>
        <translation>presión: sobre todo %1</translation>
    </message>
    <message>
        <source>mostly %1, some %2 pressure</source>
        <translation>presión: sobre todo %1, a trechos %2</translation>
    </message>
    <message>
        <source>Alcohol</source>
        <translation>Alcohol</translation>
    </message>
    <message>
        <source>the whole sheet, in a few lines</source>
        <translation>toda la hoja, en unas líneas</translation>
    </message>
    <message>
        <source>along your arrow</source>
        <translation>según su flecha</translation>
    </message>
    <message>
        <source>along the form</source>
        <translation>según la forma</translation>
    </message>
    <message>
        <source>Place everything before colour hides the paper; measure once more.</source>
        <translation>Sitúe todo antes de que el color tape el papel; mida una vez más.</translation>
    </message>
    <message>
        <source>Brush what lies loose out with a soft wet brush, and do not go back into it.</source>
        <translation>Extienda lo suelto con un pincel suave mojado, y no vuelva a entrar.</translation>
    </message>
    <message>
        <source>A thin pass from far enough, moving all the time; let it dry fully.</source>
        <translation>Una pasada fina desde lejos, siempre en movimiento; deje secar del todo.</translation>
    </message>
    <message>
        <source>The side of the stick, drawn over the peaks: what lies below shows between.</source>
        <translation>El lado de la barra, pasado sobre las crestas: lo de abajo asoma entre medias.</translation>
    </message>
    <message>
        <source>Lines that stay apart: the eye mixes them.</source>
        <translation>Líneas que quedan aparte: el ojo las mezcla.</translation>
    </message>
    <message>
        <source>Pressed in, flat and covering; it spends the tooth.</source>
        <translation>Apretado, plano y cubriente; gasta el grano.</translation>
    </message>
    <message>
        <source>Set down and lifted: thick, small, once.</source>
        <translation>Puesto y levantado: grueso, pequeño, una vez.</translation>
    </message>
    <message>
        <source>Rub light areas before dark ones, and clean the tip between.</source>
        <translation>Frote las zonas claras antes que las oscuras, y limpie la punta entre medias.</translation>
    </message>
    <message>
        <source>Thin and even; judge it when it is dry.</source>
        <translation>Fino y parejo; júzguelo seco.</translation>
    </message>
    <message>
        <source>Dab it off; do not rub.</source>
        <translation>Quítelo a toques; no frote.</translation>
    </message>
    <message>
        <source>Both together, while the mixture is known.</source>
        <translation>Ambos juntos, mientras se tiene la mezcla presente.</translation>
    </message>
    <message>
        <source>small places, to 20 cm²</source>
        <translation>lugares pequeños, hasta 20 cm²</translation>
    </message>
    <message>
        <source>middling, to 100 cm²</source>
        <translation>medianos, hasta 100 cm²</translation>
    </message>
    <message>
        <source>large, over 100 cm²</source>
        <translation>grandes, más de 100 cm²</translation>
    </message>
    <message>
        <source>%1 cm²</source>
        <translation>%1 cm²</translation>
    </message>
    <message>
        <source>Flammable: outdoors or with strong ventilation, no flame, and no heat gun until the solvent is gone; follow the label and the safety data sheet.</source>
        <translation>Inflamable: al aire libre o con fuerte ventilación, sin llama, y nada de pistola de calor hasta que se vaya el disolvente; siga la etiqueta y la ficha de datos de seguridad.</translation>
    </message>
    <message>
        <source>Toxic pigment (%1): gloves, no dust, no eating; follow the label and the safety data sheet.</source>
        <translation>Pigmento tóxico (%1): guantes, sin polvo, sin comer; siga la etiqueta y la ficha de datos de seguridad.</translation>
    </message>
    <message>
        <source>Dust: work upright, tap it off into a bin or a damp tray, never blow.</source>
        <translation>Polvo: trabaje en vertical, sacúdalo en un cubo o una bandeja húmeda, nunca sople.</translation>
    </message>
    <message>
        <source>Sharpen away from the hand; a mask where you sand the point.</source>
        <translation>Afile alejándose de la mano; mascarilla donde lije la punta.</translation>
    </message>
    <message>
        <source>The fixed sheet</source>
        <translation>La hoja fijada</translation>
    </message>
    <message>
        <source>Step %1, %2</source>
        <translation>Paso %1, %2</translation>
    </message>
    <message>
        <source>%1: wet, %2 yet</source>
        <translation>%1: mojado, aún %2</translation>
    </message>
    <message>
        <source>%1: may be dry, %2 yet at most</source>
        <translation>%1: quizá seco, aún %2 como máximo</translation>
    </message>
    <message>
        <source>%1: dry</source>
        <translation>%1: seco</translation>
    </message>
    <message>
        <source>No heat, no flame: let the solvent go by itself, with the window open.</source>
        <translation>Sin calor, sin llama: deje irse solo el disolvente, con la ventana abierta.</translation>
    </message>
    <message>
        <source>In air %1; with a hair dryer %2, with a heat gun kept moving %3. It is dry when it is no longer cold to the back of a finger.</source>
        <translation>Al aire %1; con secador %2, con pistola de calor en movimiento %3. Está seco cuando ya no está frío al dorso del dedo.</translation>
    </message>
    <message>
        <source>laid lighter than planned</source>
        <translation>puesto más suave de lo previsto</translation>
    </message>
    <message>
        <source>laid heavier than planned</source>
        <translation>puesto más fuerte de lo previsto</translation>
    </message>
    <message>
        <source>too wet</source>
        <translation>demasiado mojado</translation>
    </message>
    <message>
        <source>slid off</source>
        <translation>resbaló</translation>
    </message>
    <message>
        <source>lovely</source>
        <translation>precioso</translation>
    </message>
    <message>
        <source>too dark</source>
        <translation>demasiado oscuro</translation>
    </message>
    <message>
        <source>too light</source>
        <translation>demasiado claro</translation>
    </message>
    <message>
        <source>too warm</source>
        <translation>demasiado cálido</translation>
    </message>
    <message>
        <source>too cool</source>
        <translation>demasiado frío</translation>
    </message>
    <message>
        <source>muddy</source>
        <translation>turbio</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>empezado</translation>
    </message>
    <message>
        <source>passed over</source>
        <translation>saltado</translation>
    </message>
    <message>
        <source>another stick</source>
        <translation>otra barra</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>presión</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>deshecho</translation>
    </message>
    <message>
        <source>pause</source>
        <translation>pausa</translation>
    </message>
    <message>
        <source>went on</source>
        <translation>seguido</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>seco</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
    </message>
    <message>
        <source>photograph</source>
        <translation>foto</translation>
    </message>
    <message>
        <source>plan changed</source>
        <translation>plan cambiado</translation>
    </message>
    <message>
        <source>finishing</source>
        <translation>acabado</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fijado</translation>
    </message>
    <message>
        <source>stock</source>
        <translation>existencias</translation>
    </message>
    <message>
        <source>checked</source>
        <translation>controlado</translation>
    </message>
    <message>
        <source>Tape off</source>
        <translation>Quitar la cinta</translation>
    </message>
    <message>
        <source>Soften the edge</source>
        <translation>Suavizar el borde</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Firmar</translation>
    </message>
    <message>
        <source>Glassine</source>
        <translation>Papel cristal</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Encuadre</translation>
    </message>
    <message>
        <source>Store safely</source>
        <translation>Guardar a salvo</translation>
    </message>
    <message>
        <source>Pull the tape off slowly, flat back over itself and away from the picture.</source>
        <translation>Quite la cinta despacio, plana sobre sí misma y hacia fuera del cuadro.</translation>
    </message>
    <message>
        <source>Soften the hard edge that the tape has left with a clean finger.</source>
        <translation>Suavice con un dedo limpio el borde duro que dejó la cinta.</translation>
    </message>
    <message>
        <source>Sign with a soft stick: a pencil will not bite.</source>
        <translation>Firme con barra blanda: un lápiz no agarra.</translation>
    </message>
    <message>
        <source>Lay glassine over it, shiny side down, and do not rub.</source>
        <translation>Ponga papel cristal encima, cara brillante abajo, y no frote.</translation>
    </message>
    <message>
        <source>Frame it with a spacer, so that the glass does not touch it.</source>
        <translation>Enmárquelo con separador, para que el vidrio no lo toque.</translation>
    </message>
    <message>
        <source>Keep it flat and dry, out of the sun, away from children and pets; wipe the place wet, no dry sweeping.</source>
        <translation>Guárdelo plano y seco, sin sol, lejos de niños y mascotas; limpie el lugar en húmedo, sin barrer en seco.</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Paso %1</translation>
    </message>
    <message>
        <source>%1 begun</source>
        <translation>%1 empezado</translation>
    </message>
    <message>
        <source>%1 laid: %2; %3</source>
        <translation>%1 puesto: %2; %3</translation>
    </message>
    <message>
        <source>%1 passed over</source>
        <translation>%1 saltado</translation>
    </message>
    <message>
        <source>%1: %2 taken instead</source>
        <translation>%1: se tomó %2 en su lugar</translation>
    </message>
    <message>
        <source>%1 laid as planned after all</source>
        <translation>%1 puesto al fin como estaba previsto</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Taken back: %1</source>
        <translation>Deshecho: %1</translation>
    </message>
    <message>
        <source>Taken back</source>
        <translation>Deshecho</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
    <message>
        <source>Went on</source>
        <translation>Seguido</translation>
    </message>
    <message>
        <source>%1 is dry</source>
        <translation>%1 está seco</translation>
    </message>
    <message>
        <source>The fixed sheet is dry</source>
        <translation>La hoja fijada está seca</translation>
    </message>
    <message>
        <source>Note: &quot;%1&quot;</source>
        <translation>Nota: «%1»</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>What is left was planned anew, since the study was changed</source>
        <translation>Lo que queda se planeó de nuevo, pues cambió el estudio</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: hecho</translation>
    </message>
    <message>
        <source>Fixative over the whole sheet</source>
        <translation>Fijador sobre toda la hoja</translation>
    </message>
    <message>
        <source>What the sticks had lost was taken into the drawer</source>
        <translation>Lo que perdieron las barras se llevó al cajón</translation>
    </message>
    <message>
        <source>Photograph checked</source>
        <translation>Foto controlada</translation>
    </message>
    <message numerus="yes">
        <source>Photograph checked, %n corrections taken</source>
        <translation>
            <numerusform>Foto controlada, %n corrección tomada</numerusform>
            <numerusform>Foto controlada, %n correcciones tomadas</numerusform>
        </translation>
    </message>
    <message>
        <source>It goes no earlier than after step %1: %2.</source>
        <translation>No va antes que tras el paso %1: %2.</translation>
    </message>
    <message>
        <source>It goes no later than before step %1: %2.</source>
        <translation>No va después que antes del paso %1: %2.</translation>
    </message>
    <message>
        <source>The drawing is always first: it places everything before colour hides the paper.</source>
        <translation>El dibujo es siempre lo primero: sitúa todo antes de que el color tape el papel.</translation>
    </message>
    <message>
        <source>The ground is laid before all else: every layer stands on it.</source>
        <translation>El fondo se pone antes que todo: cada capa está sobre él.</translation>
    </message>
    <message>
        <source>upper left</source>
        <translation>arriba a la izquierda</translation>
    </message>
    <message>
        <source>top</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>upper right</source>
        <translation>arriba a la derecha</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>lower left</source>
        <translation>abajo a la izquierda</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>abajo</translation>
    </message>
    <message>
        <source>lower right</source>
        <translation>abajo a la derecha</translation>
    </message>
    <message>
        <source>beige</source>
        <translation>beis</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>pardo</translation>
    </message>
    <message>
        <source>ochre</source>
        <translation>ocre</translation>
    </message>
    <message>
        <source>olive brown</source>
        <translation>pardo oliva</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>amarillo</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>rosa</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rojo</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>naranja</translation>
    </message>
    <message>
        <source>yellow-green</source>
        <translation>verde amarillo</translation>
    </message>
    <message>
        <source>green</source>
        <translation>verde</translation>
    </message>
    <message>
        <source>blue-green</source>
        <translation>verde azul</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>azul</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violeta</translation>
    </message>
    <message>
        <source>near black</source>
        <translation>casi negro</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanco</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>gris</translation>
    </message>
    <message>
        <source>warm grey</source>
        <translation>gris cálido</translation>
    </message>
    <message>
        <source>cool grey</source>
        <translation>gris frío</translation>
    </message>
    <message>
        <source>near black %1</source>
        <translation>%1 casi negro</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>y %n más</numerusform>
            <numerusform>y %n más</numerusform>
        </translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>dibujo</translation>
    </message>
    <message>
        <source>underpainting</source>
        <translation>capa base</translation>
    </message>
    <message>
        <source>block-in</source>
        <translation>mancha</translation>
    </message>
    <message>
        <source>build</source>
        <translation>construcción</translation>
    </message>
    <message>
        <source>refine</source>
        <translation>afinado</translation>
    </message>
    <message>
        <source>accents</source>
        <translation>acentos</translation>
    </message>
    <message>
        <source>scumble</source>
        <translation>restregar</translation>
    </message>
    <message>
        <source>hatch</source>
        <translation>rayar</translation>
    </message>
    <message>
        <source>press in</source>
        <translation>apretar</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>difuminar</translation>
    </message>
    <message>
        <source>dab</source>
        <translation>toques</translation>
    </message>
    <message>
        <source>wash</source>
        <translation>aguada</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>fijar</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>levantar</translation>
    </message>
    <message>
        <source>scumbled</source>
        <translation>restregado</translation>
    </message>
    <message>
        <source>hatched</source>
        <translation>rayado</translation>
    </message>
    <message>
        <source>pressed in</source>
        <translation>apretado</translation>
    </message>
    <message>
        <source>blended</source>
        <translation>difuminado</translation>
    </message>
    <message>
        <source>dabbed</source>
        <translation>a toques</translation>
    </message>
    <message>
        <source>washed</source>
        <translation>en aguada</translation>
    </message>
    <message>
        <source>lifted</source>
        <translation>levantado</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguna</translation>
    </message>
    <message>
        <source>no pressure</source>
        <translation>sin presión</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>muy suave</translation>
    </message>
    <message>
        <source>the lightest pressure</source>
        <translation>presión muy suave</translation>
    </message>
    <message>
        <source>light pressure</source>
        <translation>presión suave</translation>
    </message>
    <message>
        <source>light to medium</source>
        <translation>suave a media</translation>
    </message>
    <message>
        <source>light to medium pressure</source>
        <translation>presión suave a media</translation>
    </message>
    <message>
        <source>medium pressure</source>
        <translation>presión media</translation>
    </message>
    <message>
        <source>medium to heavy</source>
        <translation>media a fuerte</translation>
    </message>
    <message>
        <source>medium to heavy pressure</source>
        <translation>presión media a fuerte</translation>
    </message>
    <message>
        <source>heavy pressure</source>
        <translation>presión fuerte</translation>
    </message>
    <message>
        <source>soft stick</source>
        <translation>barra blanda</translation>
    </message>
    <message>
        <source>hard stick</source>
        <translation>barra dura</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>lápiz</translation>
    </message>
    <message>
        <source>pan</source>
        <translation>godet</translation>
    </message>
    <message>
        <source>charcoal</source>
        <translation>carbón</translation>
    </message>
    <message>
        <source>watercolour</source>
        <translation>acuarela</translation>
    </message>
    <message>
        <source>gouache</source>
        <translation>gouache</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>acrílico</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>tinta</translation>
    </message>
    <message>
        <source>any pencil</source>
        <translation>un lápiz cualquiera</translation>
    </message>
    <message>
        <source>daylight</source>
        <translation>luz de día</translation>
    </message>
    <message>
        <source>warm daylight</source>
        <translation>luz de día cálida</translation>
    </message>
    <message>
        <source>lamp light</source>
        <translation>luz de lámpara</translation>
    </message>
    <message>
        <source>LED light</source>
        <translation>luz LED</translation>
    </message>
    <message>
        <source>a touch</source>
        <translation>un punto</translation>
    </message>
    <message>
        <source>half a step</source>
        <translation>medio paso</translation>
    </message>
    <message>
        <source>a step</source>
        <translation>un paso</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 pasos</translation>
    </message>
    <message>
        <source>%1 too light</source>
        <translation>%1 demasiado claro</translation>
    </message>
    <message>
        <source>%1 too dark</source>
        <translation>%1 demasiado oscuro</translation>
    </message>
    <message>
        <source>a little</source>
        <translation>algo</translation>
    </message>
    <message>
        <source>clearly</source>
        <translation>claramente</translation>
    </message>
    <message>
        <source>%1 too vivid</source>
        <translation>%1 demasiado vivo</translation>
    </message>
    <message>
        <source>%1 too grey</source>
        <translation>%1 demasiado gris</translation>
    </message>
    <message>
        <source>%1 too warm</source>
        <translation>%1 demasiado cálido</translation>
    </message>
    <message>
        <source>%1 too cool</source>
        <translation>%1 demasiado frío</translation>
    </message>
    <message>
        <source>matches</source>
        <translation>coincide</translation>
    </message>
    <message>
        <source>as near as the eye can tell from the easel</source>
        <translation>tan cerca como distingue el ojo desde el caballete</translation>
    </message>
    <message>
        <source>hardly apart from the easel</source>
        <translation>apenas distinta desde el caballete</translation>
    </message>
    <message>
        <source>a little apart</source>
        <translation>algo distinta</translation>
    </message>
    <message>
        <source>clearly apart</source>
        <translation>claramente distinta</translation>
    </message>
    <message>
        <source>far apart</source>
        <translation>muy distinta</translation>
    </message>
    <message>
        <source>%1 (%2), %3 in %4 (%5)</source>
        <translation>%1 (%2), %3 en %4 (%5)</translation>
    </message>
    <message>
        <source>Let it run out, ever thinner, into %1.</source>
        <translation>Déjelo morir, cada vez más fino, en %1.</translation>
    </message>
    <message>
        <source>light on %1 %</source>
        <translation>suave en el %1 %</translation>
    </message>
    <message>
        <source>medium on %1 %</source>
        <translation>media en el %1 %</translation>
    </message>
    <message>
        <source>heavy on %1 %</source>
        <translation>fuerte en el %1 %</translation>
    </message>
    <message>
        <source>only touches</source>
        <translation>solo roza</translation>
    </message>
    <message>
        <source>Suggest it</source>
        <translation>Sugerirlo</translation>
    </message>
    <message>
        <source>Usual marks</source>
        <translation>Marcas usuales</translation>
    </message>
    <message>
        <source>Fine marks</source>
        <translation>Marcas finas</translation>
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
        <translation>Todas las que sirvan</translation>
    </message>
    <message>
        <source>Earths and one blue</source>
        <translation>Tierras y un azul</translation>
    </message>
    <message>
        <source>Earths alone</source>
        <translation>Solo tierras</translation>
    </message>
    <message>
        <source>A yellow, a red, a blue</source>
        <translation>Un amarillo, un rojo, un azul</translation>
    </message>
    <message>
        <source>Black, white and greys</source>
        <translation>Negro, blanco y grises</translation>
    </message>
    <message>
        <source>Greys</source>
        <translation>Grises</translation>
    </message>
    <message>
        <source>Earths</source>
        <translation>Tierras</translation>
    </message>
    <message>
        <source>Yellows, oranges</source>
        <translation>Amarillos, naranjas</translation>
    </message>
    <message>
        <source>Reds</source>
        <translation>Rojos</translation>
    </message>
    <message>
        <source>Violets</source>
        <translation>Violetas</translation>
    </message>
    <message>
        <source>Blues</source>
        <translation>Azules</translation>
    </message>
    <message>
        <source>Greens</source>
        <translation>Verdes</translation>
    </message>
    <message>
        <source>One stick is its dark, medium and light: %1.</source>
        <translation>Una barra es su oscuro, medio y claro: %1.</translation>
    </message>
    <message>
        <source>Its dark and medium: %1; its light: %2.</source>
        <translation>Su oscuro y medio: %1; su claro: %2.</translation>
    </message>
    <message>
        <source>Its dark: %1; its medium and light: %2.</source>
        <translation>Su oscuro: %1; su medio y claro: %2.</translation>
    </message>
    <message>
        <source>Its dark: %1; its medium: %2; its light: %3.</source>
        <translation>Su oscuro: %1; su medio: %2; su claro: %3.</translation>
    </message>
    <message>
        <source>Lighter of two</source>
        <translation>El más claro de dos</translation>
    </message>
    <message>
        <source>Value apart from hue: the eye takes what is vivid for light.</source>
        <translation>Valor sin tono: el ojo toma lo vivo por claro.</translation>
    </message>
    <message>
        <source>Which is lighter?</source>
        <translation>¿Cuál es más claro?</translation>
    </message>
    <message>
        <source>Lighter, on two grounds</source>
        <translation>Más claro, sobre dos fondos</translation>
    </message>
    <message>
        <source>A dark ground makes what lies on it look lighter, a light one darker. Squint.</source>
        <translation>Un fondo oscuro hace ver más claro lo que lleva, uno claro más oscuro. Entorne los ojos.</translation>
    </message>
    <message>
        <source>Which is lighter, whatever it lies on?</source>
        <translation>¿Cuál es más claro, esté donde esté?</translation>
    </message>
    <message>
        <source>Value of a colour</source>
        <translation>Valor de un color</translation>
    </message>
    <message>
        <source>Where a colour stands among the greys. Vivid ones deceive most.</source>
        <translation>Dónde está un color entre los grises. Los vivos engañan más.</translation>
    </message>
    <message>
        <source>Which grey is as light as the colour above?</source>
        <translation>¿Qué gris es tan claro como el color de arriba?</translation>
    </message>
    <message>
        <source>Order of values</source>
        <translation>Orden de valores</translation>
    </message>
    <message>
        <source>A row from light to dark, in which two neighbours have changed places.</source>
        <translation>Una fila de claro a oscuro, en la que dos vecinos cambiaron de sitio.</translation>
    </message>
    <message>
        <source>Where is the row from light to dark out of order?</source>
        <translation>¿Dónde se rompe la fila de claro a oscuro?</translation>
    </message>
    <message>
        <source>Warmer of two</source>
        <translation>El más cálido de dos</translation>
    </message>
    <message>
        <source>Towards orange or away from it, at the same value.</source>
        <translation>Hacia el naranja o lejos de él, con el mismo valor.</translation>
    </message>
    <message>
        <source>Which is warmer?</source>
        <translation>¿Cuál es más cálido?</translation>
    </message>
    <message>
        <source>Duller of two</source>
        <translation>El más apagado de dos</translation>
    </message>
    <message>
        <source>Nearer to grey or farther, at the same value and hue.</source>
        <translation>Más cerca del gris o más lejos, con el mismo valor y tono.</translation>
    </message>
    <message>
        <source>Which is duller?</source>
        <translation>¿Cuál es más apagado?</translation>
    </message>
    <message>
        <source>Nearest stick</source>
        <translation>Barra más cercana</translation>
    </message>
    <message>
        <source>What you reach for: one of your sticks for a colour of the subject.</source>
        <translation>Lo que usted toma: una de sus barras para un color del motivo.</translation>
    </message>
    <message>
        <source>Which stick comes nearest to the colour above?</source>
        <translation>¿Qué barra se acerca más al color de arriba?</translation>
    </message>
    <message>
        <source>What a mixture gives</source>
        <translation>Lo que da una mezcla</translation>
    </message>
    <message>
        <source>One of your sticks over another, before you have tried it.</source>
        <translation>Una de sus barras sobre otra, antes de probarlo.</translation>
    </message>
    <message>
        <source>The second is dragged lightly over the first. Which comes of it?</source>
        <translation>La segunda se arrastra suave sobre la primera. ¿Cuál sale?</translation>
    </message>
    <message>
        <source>Two masses</source>
        <translation>Dos masas</translation>
    </message>
    <message>
        <source>The large darks and lights with half-closed eyes, before anything is drawn.</source>
        <translation>Los grandes oscuros y claros con ojos entornados, antes de dibujar nada.</translation>
    </message>
    <message>
        <source>Which mass is darker?</source>
        <translation>¿Qué masa es más oscura?</translation>
    </message>
    <message>
        <source>Nearer sheet</source>
        <translation>La hoja más cercana</translation>
    </message>
    <message>
        <source>Standing back and comparing: is it better than it was?</source>
        <translation>Alejarse y comparar: ¿está mejor que antes?</translation>
    </message>
    <message>
        <source>Which sheet stands nearer to the subject above?</source>
        <translation>¿Qué hoja está más cerca del motivo de arriba?</translation>
    </message>
    <message>
        <source>Plumb</source>
        <translation>Plomada</translation>
    </message>
    <message>
        <source>Walls, necks and horizons are judged against what hangs straight.</source>
        <translation>Paredes, cuellos y horizontes se juzgan por lo que cuelga recto.</translation>
    </message>
    <message>
        <source>Which way does the line lean?</source>
        <translation>¿Hacia dónde se inclina la línea?</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Centro</translation>
    </message>
    <message>
        <source>Halving by eye: the middle of a face, of a sheet, of a table&apos;s edge.</source>
        <translation>Partir por la mitad a ojo: el medio de una cara, de una hoja, de un borde de mesa.</translation>
    </message>
    <message>
        <source>Which end is the mark nearer to?</source>
        <translation>¿De qué extremo está más cerca la marca?</translation>
    </message>
    <message>
        <source>Wider angle</source>
        <translation>El ángulo más abierto</translation>
    </message>
    <message>
        <source>An angle is carried from the subject to the sheet by eye.</source>
        <translation>Un ángulo pasa del motivo a la hoja por el ojo.</translation>
    </message>
    <message>
        <source>Which angle is wider?</source>
        <translation>¿Qué ángulo es más abierto?</translation>
    </message>
    <message>
        <source>Length in units</source>
        <translation>Longitud en unidades</translation>
    </message>
    <message>
        <source>A head, a cup, the breadth of the pencil: how often does it go into the whole?</source>
        <translation>Una cabeza, una taza, el ancho del lápiz: ¿cuántas veces entra en el todo?</translation>
    </message>
    <message>
        <source>The line is about %1 times as long as the short one. Is it longer or shorter?</source>
        <translation>La línea mide unas %1 veces la corta. ¿Es más larga o más corta?</translation>
    </message>
    <message>
        <source>From memory</source>
        <translation>De memoria</translation>
    </message>
    <message>
        <source>Look, turn away, draw the main shapes on a sheet of the picture&apos;s format: what the eye has kept shows in where they lie and how large they are.</source>
        <translation>Mire, apártese, dibuje las formas principales en una hoja del formato del cuadro: lo que el ojo guardó se ve en dónde están y su tamaño.</translation>
    </message>
    <message>
        <source>Look at the large shapes, how they lie to each other and to the edges.</source>
        <translation>Mire las formas grandes, cómo están entre sí y respecto a los bordes.</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>valor %1</translation>
    </message>
    <message>
        <source>The grounds make the one on the dark look %1 value steps lighter than that on the light.</source>
        <translation>Los fondos hacen ver el del oscuro %1 pasos de valor más claro que el del claro.</translation>
    </message>
    <message>
        <source>first and second</source>
        <translation>primero y segundo</translation>
    </message>
    <message>
        <source>second and third</source>
        <translation>segundo y tercero</translation>
    </message>
    <message>
        <source>third and fourth</source>
        <translation>tercero y cuarto</translation>
    </message>
    <message>
        <source>fourth and fifth</source>
        <translation>cuarto y quinto</translation>
    </message>
    <message>
        <source>second</source>
        <translation>segundo</translation>
    </message>
    <message>
        <source>third</source>
        <translation>tercero</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>cuarto</translation>
    </message>
    <message>
        <source>the first</source>
        <translation>la primera</translation>
    </message>
    <message>
        <source>the second</source>
        <translation>la segunda</translation>
    </message>
    <message>
        <source>the upper</source>
        <translation>de arriba</translation>
    </message>
    <message>
        <source>the lower</source>
        <translation>de abajo</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>de la izquierda</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>de la derecha</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>más larga</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>más corta</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>a la izquierda</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>a la derecha</translation>
    </message>
    <message>
        <source>the left one</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>the right one</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>%1 value steps</source>
        <translation>%1 pasos de valor</translation>
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
        <translation>%1 (%2 a %3)</translation>
    </message>
    <message>
        <source>a trained eye: %1</source>
        <translation>un ojo entrenado: %1</translation>
    </message>
    <message>
        <source>It is %1, by %2. %3</source>
        <translation>Respuesta: %1, por %2. %3</translation>
    </message>
    <message>
        <source>It is %1: the other grey is off by %2.</source>
        <translation>Respuesta: %1; el otro gris se aparta %2.</translation>
    </message>
    <message>
        <source>It is between %1; there are %2 from one to the next.</source>
        <translation>Está entre %1; hay %2 de uno a otro.</translation>
    </message>
    <message>
        <source>It is the %1; the next is %2 farther off.</source>
        <translation>Respuesta: %1; el siguiente está %2 más lejos.</translation>
    </message>
    <message>
        <source>It leans %1, by %2.</source>
        <translation>Se inclina %1, %2.</translation>
    </message>
    <message>
        <source>It is nearer to %1 end: off the middle by %2 of the line.</source>
        <translation>Está más cerca del extremo %1: fuera del medio por %2 de la línea.</translation>
    </message>
    <message>
        <source>It is %1 than that, by %2.</source>
        <translation>Es %1, por %2.</translation>
    </message>
    <message>
        <source>It is %1, by %2.</source>
        <translation>Respuesta: %1, por %2.</translation>
    </message>
    <message>
        <source>warmer</source>
        <translation>más cálido</translation>
    </message>
    <message>
        <source>cooler</source>
        <translation>más frío</translation>
    </message>
    <message>
        <source>chroma %1</source>
        <translation>croma %1</translation>
    </message>
    <message>
        <source>%1 off</source>
        <translation>a %1</translation>
    </message>
    <message>
        <source>%1 % to the right</source>
        <translation>%1 % demasiado a la derecha</translation>
    </message>
    <message>
        <source>%1 % to the left</source>
        <translation>%1 % demasiado a la izquierda</translation>
    </message>
    <message>
        <source>%1 % too low</source>
        <translation>%1 % demasiado bajo</translation>
    </message>
    <message>
        <source>%1 % too high</source>
        <translation>%1 % demasiado alto</translation>
    </message>
    <message>
        <source>%1 % too large</source>
        <translation>%1 % demasiado grande</translation>
    </message>
    <message>
        <source>%1 % too small</source>
        <translation>%1 % demasiado pequeño</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>en su sitio</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>The whole lies %1. Within it the shapes are off by %2 % of the width in the mean.</source>
        <translation>El conjunto está: %1. Dentro, las formas se desvían en la media un %2 % del ancho.</translation>
    </message>
    <message>
        <source>No reference picture is chosen: open one first.</source>
        <translation>No hay imagen de referencia elegida: abra antes una.</translation>
    </message>
    <message>
        <source>%1 is not there: check the name and the folder.</source>
        <translation>%1 no está: compruebe el nombre y la carpeta.</translation>
    </message>
    <message>
        <source>%1 cannot be read: check that it is a file and that you may open it.</source>
        <translation>%1 no se puede leer: compruebe que es un archivo y que puede abrirlo.</translation>
    </message>
    <message>
        <source>%1 is larger than any file of its kind (%2 MB at most): check that it is the right one.</source>
        <translation>%1 es mayor que cualquier archivo de su tipo (%2 MB como máximo): compruebe que es el correcto.</translation>
    </message>
    <message>
        <source>The colour profile in %1 is damaged, so that its colours cannot be known: save the picture again in sRGB.</source>
        <translation>El perfil de color de %1 está dañado y no se pueden conocer sus colores: guarde la imagen otra vez en sRGB.</translation>
    </message>
    <message>
        <source>%1 is a moving picture: save one picture of it as PNG and take that.</source>
        <translation>%1 es una imagen animada: guarde una imagen suya como PNG y tómela.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read: take a PNG, JPEG, TIFF or WebP file.</source>
        <translation>%1 no es una imagen legible: tome un archivo PNG, JPEG, TIFF o WebP.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged: copy it again from where it came.</source>
        <translation>%1 está cortado o dañado: cópielo de nuevo de donde vino.</translation>
    </message>
    <message>
        <source>%1 is too small to read values from: take a picture of at least %2 pixels on each side.</source>
        <translation>%1 es demasiado pequeño para leer valores: tome una imagen de al menos %2 píxeles por lado.</translation>
    </message>
    <message>
        <source>%1 claims more than %2 megapixels: reduce it first.</source>
        <translation>%1 declara más de %2 megapíxeles: redúzcalo antes.</translation>
    </message>
    <message>
        <source>%1 is not in RGB or grey (it may be meant for printing): save it as an RGB picture.</source>
        <translation>%1 no está en RGB ni en gris (quizá es para imprimir): guárdelo como imagen RGB.</translation>
    </message>
    <message>
        <source>No swatch card is to be seen in %1: photograph the whole card, all four corner marks in view.</source>
        <translation>No se ve carta de muestras en %1: fotografíe toda la carta, con sus cuatro marcas de esquina a la vista.</translation>
    </message>
    <message>
        <source>The card in %1 is one of the other kind: swatch cards are read in Materials, test cards of papers at Paper.</source>
        <translation>La tarjeta de %1 es de la otra clase: las cartas de muestras se leen en Material, las tarjetas de ensayo de papeles en Papel.</translation>
    </message>
    <message>
        <source>A corner mark of the swatch card is missing in %1: photograph the whole card, with nothing lying on its corners.</source>
        <translation>Falta una marca de esquina de la carta en %1: fotografíe toda la carta, sin nada sobre sus esquinas.</translation>
    </message>
    <message>
        <source>%1 is too dark to read: photograph the card in more light, by a window and without flash.</source>
        <translation>%1 es demasiado oscuro para leer: fotografíe la carta con más luz, junto a una ventana y sin flash.</translation>
    </message>
    <message>
        <source>The card&apos;s paper is burnt out in %1: photograph it again with less exposure.</source>
        <translation>El papel de la carta está quemado en %1: fotografíela de nuevo con menos exposición.</translation>
    </message>
    <message>
        <source>%1 is blurred: hold the camera still, tap on the card to focus and photograph it again.</source>
        <translation>%1 está borroso: mantenga quieta la cámara, toque la carta para enfocar y fotografíe de nuevo.</translation>
    </message>
    <message>
        <source>This sheet is not to be seen in %1: photograph the work of this study whole, from straight before it, with some of the board round it.</source>
        <translation>No se ve esta hoja en %1: fotografíe entero el trabajo de este estudio, de frente, con algo de tablero alrededor.</translation>
    </message>
    <message>
        <source>A corner of the sheet is missing in %1: photograph it whole, with some of the board round it.</source>
        <translation>Falta una esquina de la hoja en %1: fotografíela entera, con algo de tablero alrededor.</translation>
    </message>
    <message>
        <source>%1 is too dark to read: photograph the sheet in more light, by a window and without flash.</source>
        <translation>%1 es demasiado oscuro para leer: fotografíe la hoja con más luz, junto a una ventana y sin flash.</translation>
    </message>
    <message>
        <source>The sheet is burnt out in %1: photograph it again with less exposure and without flash.</source>
        <translation>La hoja está quemada en %1: fotografíela de nuevo con menos exposición y sin flash.</translation>
    </message>
    <message>
        <source>%1 is blurred: hold the camera still, or lean it on something, and let it find its focus.</source>
        <translation>%1 está borroso: mantenga quieta la cámara, o apóyela, y déjela enfocar.</translation>
    </message>
    <message>
        <source>No sheet of the picture&apos;s format is to be seen in %1: photograph the drawing whole and upright, with some of a darker table round it.</source>
        <translation>No se ve una hoja del formato del cuadro en %1: fotografíe el dibujo entero y derecho, con algo de mesa más oscura alrededor.</translation>
    </message>
    <message>
        <source>Nothing is drawn on the sheet in %1: draw the main shapes darker, then photograph it again.</source>
        <translation>No hay nada dibujado en la hoja de %1: trace más oscuras las formas principales y fotografíe de nuevo.</translation>
    </message>
    <message>
        <source>%1 cannot be written: choose a folder that you may write to.</source>
        <translation>%1 no se puede escribir: elija una carpeta en la que pueda escribir.</translation>
    </message>
    <message>
        <source>%1 could not be written, and what was there is kept: the disk has a fault, so write to another.</source>
        <translation>%1 no pudo escribirse, y lo que había se conserva: el disco tiene un fallo, escriba pues en otro.</translation>
    </message>
    <message>
        <source>There is no room for %1 on the disk, and what was there is kept: make room and write it again.</source>
        <translation>No hay sitio para %1 en el disco, y lo que había se conserva: haga sitio y escríbalo de nuevo.</translation>
    </message>
    <message>
        <source>What was computed could not be written out whole: check that there is room where it goes.</source>
        <translation>Lo calculado no pudo escribirse entero: compruebe que hay sitio donde va.</translation>
    </message>
    <message>
        <source>The tray has no stick, pencil or pan to plan with: add some to the materials.</source>
        <translation>La bandeja no tiene barra, lápiz ni godet con que planear: añada alguno al material.</translation>
    </message>
    <message>
        <source>The tray has no stick, pencil or pan to plan with: add some to the materials in %1.</source>
        <translation>La bandeja no tiene barra, lápiz ni godet con que planear: añada alguno al material de %1.</translation>
    </message>
    <message>
        <source>The study would draw from %1 sticks and paints, and can weigh %2 at most: put those that count into a tray and draw from that.</source>
        <translation>El estudio tomaría de %1 barras y pinturas, y puede sopesar %2 como máximo: ponga las que cuentan en una bandeja y tome de ella.</translation>
    </message>
    <message>
        <source>The materials have no paper to plan on: add one.</source>
        <translation>El material no tiene papel sobre el que planear: añada uno.</translation>
    </message>
    <message>
        <source>There is no paper &quot;%1&quot; in the materials: choose one that is there.</source>
        <translation>No hay papel «%1» en el material: elija uno que esté.</translation>
    </message>
    <message>
        <source>%1 has no column &quot;%2&quot;: add it to the first row.</source>
        <translation>%1 no tiene columna «%2»: añádala a la primera fila.</translation>
    </message>
    <message>
        <source>one of the words or names that the format allows</source>
        <translation>una de las palabras o nombres que permite el formato</translation>
    </message>
    <message>
        <source>%1, row %2: %3 will not do: put %4.</source>
        <translation>%1, fila %2: %3 no sirve: ponga %4.</translation>
    </message>
    <message>
        <source>%1, row %2 cannot be read: check it.</source>
        <translation>%1, la fila %2 no se puede leer: revísela.</translation>
    </message>
    <message>
        <source>%1, row %2 cannot be read: check it (%3).</source>
        <translation>%1, la fila %2 no se puede leer: revísela (%3).</translation>
    </message>
    <message>
        <source>%1, row %2 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.</source>
        <translation>%1, la fila %2 no está escrita en UTF-8: guarde la lista como CSV en UTF-8 y añádala de nuevo.</translation>
    </message>
    <message>
        <source>%1 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.</source>
        <translation>%1 no está escrito en UTF-8: guarde la lista como CSV en UTF-8 y añádala de nuevo.</translation>
    </message>
    <message>
        <source>%1 is no list that can be read: take a CSV table, a palette (.gpl), colour readings (CGATS) or a whole drawer (.json).</source>
        <translation>%1 no es una lista legible: tome una tabla CSV, una paleta (.gpl), lecturas de color (CGATS) o un cajón entero (.json).</translation>
    </message>
    <message>
        <source>%1 draws in another file (.INCLUDE), which is not followed: put all readings into one list.</source>
        <translation>%1 llama a otro archivo (.INCLUDE), que no se sigue: ponga todas las lecturas en una lista.</translation>
    </message>
    <message>
        <source>%1 holds no colours that can be read (%2): it needs LAB, XYZ or spectral readings under D50.</source>
        <translation>%1 no tiene colores legibles (%2): necesita lecturas LAB, XYZ o espectrales con D50.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged (%2) and cannot be taken in: export it again.</source>
        <translation>%1 está cortado o dañado (%2) y no se puede añadir: expórtelo de nuevo.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Yawning Dune: take it in with that version.</source>
        <translation>%1 fue escrito por un Yawning Dune más nuevo: añádalo con esa versión.</translation>
    </message>
    <message>
        <source>%1 has more than %2 rows: split it and take the parts in one after the other.</source>
        <translation>%1 tiene más de %2 filas: divídalo y añada las partes una tras otra.</translation>
    </message>
    <message>
        <source>The colour reader does not answer: check its cable or battery, connect it again and put it on the white tile.</source>
        <translation>El lector de color no responde: revise su cable o pila, conéctelo de nuevo y póngalo en la placa blanca.</translation>
    </message>
    <message>
        <source>The colour reader does not know its white: put it on the white tile first.</source>
        <translation>El lector de color no conoce su blanco: póngalo antes en la placa blanca.</translation>
    </message>
    <message>
        <source>The readings of this touch differ by up to %1: hold the reader flat and still on a heavy swatch and touch again.</source>
        <translation>Las lecturas de este toque difieren hasta %1: sostenga el lector plano y quieto sobre una muestra densa y toque de nuevo.</translation>
    </message>
    <message>
        <source>What lies under the colour reader is not its white tile: wipe the tile and put the reader flat on it.</source>
        <translation>Lo que está bajo el lector no es su placa blanca: limpie la placa y ponga el lector plano en ella.</translation>
    </message>
    <message>
        <source>%1 is cut off or damaged and cannot be opened: take a copy of it.</source>
        <translation>%1 está cortado o dañado y no se puede abrir: tome una copia.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Yawning Dune: open it with that version.</source>
        <translation>%1 fue escrito por un Yawning Dune más nuevo: ábralo con esa versión.</translation>
    </message>
    <message>
        <source>The unsaved choices in %1 are cut off or damaged and cannot be taken up: throw them away and open the study as it was last saved.</source>
        <translation>Las elecciones sin guardar de %1 están cortadas o dañadas y no se pueden retomar: tírelas y abra el estudio como se guardó por última vez.</translation>
    </message>
    <message>
        <source>The materials in %1 are damaged and cannot be read: put a saved copy in their place, or move the file away to begin anew.</source>
        <translation>El material de %1 está dañado y no se puede leer: ponga una copia en su lugar, o aparte el archivo para empezar de nuevo.</translation>
    </message>
    <message>
        <source>The materials in %1 were written by a newer Yawning Dune: open them with that version.</source>
        <translation>El material de %1 fue escrito por un Yawning Dune más nuevo: ábralo con esa versión.</translation>
    </message>
    <message>
        <source>Another Yawning Dune has the materials in %1 open: close it to change anything, until then they can be read.</source>
        <translation>Otro Yawning Dune tiene abierto el material de %1: ciérrelo para cambiar algo; hasta entonces se puede leer.</translation>
    </message>
    <message>
        <source>The materials in %1 may be read and not changed: give yourself the right to write there.</source>
        <translation>El material de %1 se puede leer y no cambiar: dese permiso para escribir ahí.</translation>
    </message>
    <message>
        <source>%1 of the materials in %2 cannot be read and are left out (%3): enter them again, or put a saved copy of the file in its place.</source>
        <translation>%1 elementos del material de %2 no se pueden leer y se dejan fuera (%3): introdúzcalos de nuevo, o ponga una copia del archivo en su lugar.</translation>
    </message>
    <message>
        <source>The frame in %1 went beyond its picture and has been put right: look at it under Subject.</source>
        <translation>El encuadre de %1 salía de su imagen y se ha corregido: véalo en Motivo.</translation>
    </message>
    <message>
        <source>The %1 cannot be %2: take %3.</source>
        <translation>Para %1 no vale %2: tome %3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no colour: write it as #rrggbb.</source>
        <translation>«%1» no es un color: escríbalo como #rrggbb.</translation>
    </message>
    <message>
        <source>%1 &quot;%2&quot; is not known: take one of %3.</source>
        <translation>%1 «%2» no se conoce: tome uno de %3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; wants more or other words: write %2.</source>
        <translation>«%1» pide más palabras u otras: escriba %2.</translation>
    </message>
    <message>
        <source>There is not enough memory for this: close other programs, or take a smaller picture.</source>
        <translation>No hay memoria bastante: cierre otros programas, o tome una imagen menor.</translation>
    </message>
    <message>
        <source>This went wrong (%1), and nothing was changed: save your study and try it another way.</source>
        <translation>Esto salió mal (%1), y no cambió nada: guarde su estudio e inténtelo de otro modo.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Detenido.</translation>
    </message>
    <message>
        <source>a few light lines place everything before colour hides the paper</source>
        <translation>unas líneas suaves sitúan todo antes de que el color tape el papel</translation>
    </message>
    <message>
        <source>the ground lies under it and is dry</source>
        <translation>el fondo está debajo y está seco</translation>
    </message>
    <message>
        <source>brings the sheet %1 ΔE00 nearer to what goes over it: fewer layers there</source>
        <translation>acerca la hoja %1 ΔE00 a lo que va encima: menos capas ahí</translation>
    </message>
    <message>
        <source>puts the value down in one colour, %1 ΔE00 nearer to it</source>
        <translation>pone el valor en un color, %1 ΔE00 más cerca de él</translation>
    </message>
    <message>
        <source>the opposite of what goes over it glints between the strokes</source>
        <translation>el opuesto de lo que va encima centellea entre los trazos</translation>
    </message>
    <message>
        <source>you have mixed it so</source>
        <translation>usted lo mezcló así</translation>
    </message>
    <message>
        <source>cool under what is dark, so that the shadows stay back</source>
        <translation>frío bajo lo oscuro, para que las sombras queden atrás</translation>
    </message>
    <message>
        <source>one warm tone holds the picture together</source>
        <translation>un tono cálido une el cuadro</translation>
    </message>
    <message>
        <source>a tone map of the values, %1 ΔE00 nearer to them</source>
        <translation>un mapa de los valores, %1 ΔE00 más cerca de ellos</translation>
    </message>
    <message>
        <source>a finger carries the dry base into the tooth, so that it takes little of it</source>
        <translation>un dedo lleva la base seca al grano, de modo que ocupa poco</translation>
    </message>
    <message>
        <source>alcohol carries the dry base into the tooth and binds it</source>
        <translation>el alcohol lleva la base seca al grano y la liga</translation>
    </message>
    <message>
        <source>ink reaches the deepest darks, which soft pastel hardly does, and stays visible as a map</source>
        <translation>la tinta alcanza lo más oscuro, que el pastel blando apenas logra, y queda visible como mapa</translation>
    </message>
    <message>
        <source>wet before dry: wait %1 min until it is dry</source>
        <translation>mojado antes que seco: esperar %1 min a que seque</translation>
    </message>
    <message>
        <source>over the hard point: the other way round only %1 % of it would hold</source>
        <translation>sobre la punta dura: al revés solo agarraría el %1 %</translation>
    </message>
    <message>
        <source>background before what overlaps it</source>
        <translation>el fondo antes de lo que lo tapa</translation>
    </message>
    <message>
        <source>dark before light</source>
        <translation>oscuro antes que claro</translation>
    </message>
    <message>
        <source>light base first, the dark over it</source>
        <translation>base clara primero, lo oscuro encima</translation>
    </message>
    <message>
        <source>the whole picture moves on together</source>
        <translation>todo el cuadro avanza junto</translation>
    </message>
    <message>
        <source>the stick is in the hand already</source>
        <translation>la barra ya está en la mano</translation>
    </message>
    <message>
        <source>both of a pair together, while the mixture is known</source>
        <translation>ambos de una pareja juntos, mientras se tiene la mezcla presente</translation>
    </message>
    <message>
        <source>highlights and accents come last</source>
        <translation>brillos y acentos van al final</translation>
    </message>
    <message>
        <source>what the picture is about first, then around it</source>
        <translation>de lo que trata el cuadro primero, luego alrededor</translation>
    </message>
    <message>
        <source>one area is finished before the next</source>
        <translation>una zona se acaba antes de la siguiente</translation>
    </message>
    <message>
        <source>black last, so that it dirties nothing</source>
        <translation>el negro al final, para que no ensucie nada</translation>
    </message>
    <message>
        <source>joins what lies beneath; clean the tool before the next area</source>
        <translation>une lo de abajo; limpie el útil antes de la zona siguiente</translation>
    </message>
    <message>
        <source>light areas are blended before dark ones, and never across</source>
        <translation>las zonas claras se difuminan antes que las oscuras, y nunca a través</translation>
    </message>
    <message>
        <source>binds what is loose and gives tooth back for what follows</source>
        <translation>liga lo suelto y devuelve grano para lo que sigue</translation>
    </message>
    <message>
        <source>what lies too thick comes off before more goes on</source>
        <translation>lo demasiado grueso se quita antes de poner más</translation>
    </message>
    <message>
        <source>you lay it at this time</source>
        <translation>usted lo pone en este momento</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Consejo</translation>
    </message>
    <message>
        <source>Mind</source>
        <translation>Cuidado</translation>
    </message>
    <message>
        <source>Safety</source>
        <translation>Seguridad</translation>
    </message>
    <message>
        <source>The tooth is up to %1 % full at the end (%2): keep the pressure light, or take a paper that holds more.</source>
        <translation>El grano está lleno hasta el %1 % al final (%2): mantenga suave la presión, o tome un papel que retenga más.</translation>
    </message>
    <message>
        <source>The sheet stays %1 ΔE00 from the reference here (%2): other sticks, more layers or finer marks would help.</source>
        <translation>La hoja queda aquí a %1 ΔE00 de la referencia (%2): ayudarían otras barras, más capas o marcas más finas.</translation>
    </message>
    <message>
        <source>With pressure and coverage off by %1 %, the picture stays within %2 ΔE00 in the mean.</source>
        <translation>Si presión y cobertura se desvían un %1 %, el cuadro queda en la media a menos de %2 ΔE00.</translation>
    </message>
    <message>
        <source>The picture with its border does not fit on a sheet of %1, which is %2 × %3 mm: make the sheet smaller at Subject, narrow the border, or take another paper.</source>
        <translation>El cuadro con su borde no cabe en una hoja de %1, que mide %2 × %3 mm: haga menor la hoja en Motivo, estreche el borde, o tome otro papel.</translation>
    </message>
    <message>
        <source>Your own mixture “%1” serves here: %2.</source>
        <translation>Su propia mezcla «%1» sirve aquí: %2.</translation>
    </message>
    <message numerus="yes">
        <source>The series needs %n sheets of %1; at hand are %2.</source>
        <translation>
            <numerusform>La serie pide %n hoja de %1; a mano hay %2.</numerusform>
            <numerusform>La serie pide %n hojas de %1; a mano hay %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing in the tray is as dark as %1: the darks come out %2 of a step too light. Add a dark stick, or lay ink under them.</source>
        <translation>Nada en la bandeja es tan oscuro como %1: los oscuros salen %2 de paso demasiado claros. Añada una barra oscura, o ponga tinta debajo.</translation>
    </message>
    <message>
        <source>The chosen ground is left out. %1</source>
        <translation>El fondo elegido se deja fuera. %1</translation>
    </message>
    <message>
        <source>The ground of %1 is left out. %2</source>
        <translation>El fondo de %1 se deja fuera. %2</translation>
    </message>
    <message>
        <source>Not everything can be kept: &quot;%1&quot; gave way to &quot;%2&quot;.</source>
        <translation>No todo se puede cumplir: «%1» cedió ante «%2».</translation>
    </message>
    <message>
        <source>No area is marked as what the picture is about: mark one at Subject, and it is laid first.</source>
        <translation>Ninguna zona está marcada como aquello de que trata el cuadro: marque una en Motivo, y se pone primero.</translation>
    </message>
    <message numerus="yes">
        <source>There are no pencils or hard sticks to go over the base: %n layers are of softer sticks.</source>
        <translation>
            <numerusform>No hay lápices ni barras duras para ir sobre la base: %n capa es de barras más blandas.</numerusform>
            <numerusform>No hay lápices ni barras duras para ir sobre la base: %n capas son de barras más blandas.</numerusform>
        </translation>
    </message>
    <message>
        <source>One end of the values hardly shows on this paper before it is covered: check it against the reference more often.</source>
        <translation>Un extremo de los valores apenas se ve en este papel antes de cubrirlo: compárelo más a menudo con la referencia.</translation>
    </message>
    <message>
        <source>Never blow dust: tap it off into a bin or a damp tray and wipe wet. Work upright, wear gloves or barrier cream, do not eat, keep away from children and pets. Follow each product&apos;s label and safety data sheet, and your local rules.</source>
        <translation>Nunca sople el polvo: sacúdalo en un cubo o una bandeja húmeda y limpie en húmedo. Trabaje en vertical, use guantes o crema barrera, no coma, lejos de niños y mascotas. Siga la etiqueta y la ficha de datos de seguridad de cada producto, y las normas locales.</translation>
    </message>
    <message>
        <source>Marked for toxic pigments: %1. Wear gloves, make no dust, and follow the label and the safety data sheet.</source>
        <translation>Marcadas por pigmentos tóxicos: %1. Use guantes, no haga polvo, y siga la etiqueta y la ficha de datos de seguridad.</translation>
    </message>
    <message>
        <source>Let washes dry by themselves, or keep a heat gun moving and off scorching: it burns paper and skin. With alcohol or fixative: outdoors or with strong ventilation, no flame, no heat gun until the solvent is gone.</source>
        <translation>Deje secar solas las aguadas, o mantenga una pistola de calor en movimiento sin quemar: quema papel y piel. Con alcohol o fijador: al aire libre o con fuerte ventilación, sin llama, nada de pistola de calor hasta que se vaya el disolvente.</translation>
    </message>
    <message>
        <source>Matched under %1, but up to %2 ΔE00 from the reference under %3 (%4): look at these there, or choose to plan for that light.</source>
        <translation>Ajustado con %1, pero hasta a %2 ΔE00 de la referencia con %3 (%4): mírelos ahí, o elija planear para esa luz.</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits here (%2) and draws the eye away from what the picture is about, which has %3: close it here, or open it there.</source>
        <translation>El contraste más fuerte, %1 pasos, está aquí (%2) y aparta el ojo de aquello de que trata el cuadro, que tiene %3: ciérrelo aquí, o ábralo allí.</translation>
    </message>
    <message>
        <source>Follow the arrows with the strokes: %1.</source>
        <translation>Siga las flechas con los trazos: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n sticks are few for this picture: a larger set would come nearer.</source>
        <translation>
            <numerusform>%n barra es poco para este cuadro: un juego mayor llegaría más cerca.</numerusform>
            <numerusform>%n barras son pocas para este cuadro: un juego mayor llegaría más cerca.</numerusform>
        </translation>
    </message>
    <message>
        <source>The tooth is %1 % full here at the end, %2 % before the last layer: fixative there, dried, brings that to %3 %. A level lighter throughout it ends at %4 %.</source>
        <translation>El grano está aquí lleno al %1 % al final, al %2 % antes de la última capa: fijador ahí, seco, lo lleva al %3 %. Un grado más suave en todo acaba en el %4 %.</translation>
    </message>
    <message>
        <source>On %1 the same would fill %2 %.</source>
        <translation>En %1 lo mismo llenaría el %2 %.</translation>
    </message>
    <message>
        <source>Do not rest the hand on what is finished (%1): put glassine under the hand, or use a rest stick.</source>
        <translation>No apoye la mano en lo acabado (%1): ponga papel cristal bajo la mano, o use un tiento.</translation>
    </message>
    <message>
        <source>low key</source>
        <translation>clave baja</translation>
    </message>
    <message>
        <source>high key</source>
        <translation>clave alta</translation>
    </message>
    <message>
        <source>middle key</source>
        <translation>clave media</translation>
    </message>
    <message>
        <source>narrow</source>
        <translation>estrecho</translation>
    </message>
    <message>
        <source>middle range</source>
        <translation>rango medio</translation>
    </message>
    <message>
        <source>%1, %2, darkest at %3</source>
        <translation>%1, %2, lo más oscuro en %3</translation>
    </message>
    <message>
        <source>%1, %2 to %3</source>
        <translation>%1, %2 a %3</translation>
    </message>
    <message>
        <source>other</source>
        <translation>otro</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>cielo</translation>
    </message>
    <message>
        <source>foliage</source>
        <translation>follaje</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>piel</translation>
    </message>
    <message>
        <source>fur or feather</source>
        <translation>pelo o pluma</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>ojo</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>metal</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>vidrio</translation>
    </message>
    <message>
        <source>cloth</source>
        <translation>tela</translation>
    </message>
    <message>
        <source>stone</source>
        <translation>piedra</translation>
    </message>
    <message>
        <source>A sky is darker and bluer on top, lighter and warmer near the horizon and the sun.</source>
        <translation>Un cielo es más oscuro y azul arriba, más claro y cálido cerca del horizonte y del sol.</translation>
    </message>
    <message>
        <source>Leaves are suggested in blocks of value, never copied; the greens come late.</source>
        <translation>Las hojas se sugieren en bloques de valor, nunca copiadas; los verdes vienen tarde.</translation>
    </message>
    <message>
        <source>Skin wants a cool accent: a blue in the shadow makes the lights glow.</source>
        <translation>La piel pide un acento frío: un azul en la sombra hace brillar las luces.</translation>
    </message>
    <message>
        <source>Strokes follow the fur or the feather, in blocks; single hairs and whiskers come last.</source>
        <translation>Los trazos siguen el pelo o la pluma, en bloques; pelos sueltos y bigotes vienen al final.</translation>
    </message>
    <message>
        <source>Pair it with the other eye: both are laid together, or the mixture is forgotten hours later.</source>
        <translation>Emparéjelo con el otro ojo: ambos se ponen juntos, o la mezcla se olvida horas después.</translation>
    </message>
    <message>
        <source>Its highlights are few, small and hard-edged, and come last.</source>
        <translation>Sus brillos son pocos, pequeños y de borde duro, y vienen al final.</translation>
    </message>
    <message>
        <source>Strokes follow the folds; a pattern is suggested, never copied.</source>
        <translation>Los trazos siguen los pliegues; un dibujo se sugiere, nunca se copia.</translation>
    </message>
    <message>
        <source>Strokes follow the water&apos;s surface or its fall.</source>
        <translation>Los trazos siguen la superficie del agua o su caída.</translation>
    </message>
    <message>
        <source>face</source>
        <translation>cara</translation>
    </message>
    <message>
        <source>cat&apos;s face</source>
        <translation>cara de gato</translation>
    </message>
    <message>
        <source>left eye</source>
        <translation>ojo izquierdo</translation>
    </message>
    <message>
        <source>right eye</source>
        <translation>ojo derecho</translation>
    </message>
    <message>
        <source>Taken for a face by its lights and darks: brow, eyes, nose and mouth where a face has them.</source>
        <translation>Tomado por cara por sus luces y oscuros: cejas, ojos, nariz y boca donde una cara los tiene.</translation>
    </message>
    <message>
        <source>Taken for a cat&apos;s face by its lights and darks.</source>
        <translation>Tomado por cara de gato por sus luces y oscuros.</translation>
    </message>
    <message>
        <source>Taken for one of a pair of eyes, level and alike in size, in the upper part of a face.</source>
        <translation>Tomado por uno de un par de ojos, a nivel y de igual tamaño, en lo alto de una cara.</translation>
    </message>
    <message>
        <source>Taken for sky: it reaches the upper edge, is smooth, and is blue or a light grey.</source>
        <translation>Tomado por cielo: llega al borde superior, es liso, y azul o gris claro.</translation>
    </message>
    <message>
        <source>Taken for water: it lies below the sky, is blue, and its streaks lie level.</source>
        <translation>Tomado por agua: está bajo el cielo, es azul, y sus vetas están a nivel.</translation>
    </message>
    <message>
        <source>Taken for foliage: it is green and broken up.</source>
        <translation>Tomado por follaje: es verde y quebrado.</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>duro</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>lost</source>
        <translation>perdido</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 con %2</translation>
    </message>
    <message>
        <source>Its edges: %1.</source>
        <translation>Sus bordes: %1.</translation>
    </message>
    <message>
        <source>it reaches the upper edge</source>
        <translation>llega al borde superior</translation>
    </message>
    <message>
        <source>it stands low</source>
        <translation>está abajo</translation>
    </message>
    <message>
        <source>it stands before %1</source>
        <translation>está delante de %1</translation>
    </message>
    <message>
        <source>it lies behind %1</source>
        <translation>está detrás de %1</translation>
    </message>
    <message>
        <source>it is sharper than most</source>
        <translation>es más nítida que la mayoría</translation>
    </message>
    <message>
        <source>it is calmer than most</source>
        <translation>es más tranquila que la mayoría</translation>
    </message>
    <message>
        <source>background</source>
        <translation>fondo</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>foreground</source>
        <translation>primer plano</translation>
    </message>
    <message>
        <source>Nearest to the subject</source>
        <translation>La más cercana al motivo</translation>
    </message>
    <message>
        <source>Even steps</source>
        <translation>Pasos iguales</translation>
    </message>
    <message>
        <source>Darks as one shape</source>
        <translation>Los oscuros como una forma</translation>
    </message>
    <message>
        <source>Lights as one shape</source>
        <translation>Las luces como una forma</translation>
    </message>
    <message>
        <source>The masses part where the squared distance from the subject is the least possible.</source>
        <translation>Las masas se separan donde la distancia cuadrática al motivo es la mínima posible.</translation>
    </message>
    <message>
        <source>The masses stand equally far from each other on the ladder, whatever share of the picture they hold.</source>
        <translation>Las masas están a igual distancia en la escala, sea cual sea su parte del cuadro.</translation>
    </message>
    <message>
        <source>Everything dark is one shape; the steps are spent on the lights. Strong and simple, good for lit subjects.</source>
        <translation>Todo lo oscuro es una forma; los pasos se dan a las luces. Fuerte y simple, bueno para motivos iluminados.</translation>
    </message>
    <message>
        <source>Everything light is one shape; the steps are spent on the darks. Good for mist, snow and white cloth.</source>
        <translation>Todo lo claro es una forma; los pasos se dan a los oscuros. Bueno para bruma, nieve y tela blanca.</translation>
    </message>
    <message>
        <source>evenly lit</source>
        <translation>iluminada por igual</translation>
    </message>
    <message>
        <source>warm light, cool shadow</source>
        <translation>luz cálida, sombra fría</translation>
    </message>
    <message>
        <source>cool light, warm shadow</source>
        <translation>luz fría, sombra cálida</translation>
    </message>
    <message>
        <source>light and shadow alike</source>
        <translation>luz y sombra iguales</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits where it should: at what the picture is about.</source>
        <translation>El contraste más fuerte, %1 pasos, está donde debe: en aquello de que trata el cuadro.</translation>
    </message>
    <message>
        <source>The contrast at what the picture is about, %1 steps, is as strong as any.</source>
        <translation>El contraste en aquello de que trata el cuadro, %1 pasos, es tan fuerte como cualquiera.</translation>
    </message>
    <message>
        <source>The strongest contrast, %1 steps, sits at &quot;%2&quot; and draws the eye there; what the picture is about has %3. Close the contrast there, or open it at the focal area.</source>
        <translation>El contraste más fuerte, %1 pasos, está en «%2» y lleva ahí el ojo; aquello de que trata el cuadro tiene %3. Cierre el contraste ahí, o ábralo en el foco.</translation>
    </message>
    <message>
        <source>%1: its darks are %2 steps darker than those in front. Lighter and greyer with distance.</source>
        <translation>%1: sus oscuros son %2 pasos más oscuros que los de delante. Más claro y gris con la distancia.</translation>
    </message>
    <message>
        <source>%1 is %2 times as hard as what stands in front. Softer, with less contrast, with distance.</source>
        <translation>%1 es %2 veces más duro que lo que está delante. Más suave, con menos contraste, con la distancia.</translation>
    </message>
    <message>
        <source>%1 is warmer than what stands in front, by %2 CIELAB units. Bluer and greyer with distance.</source>
        <translation>%1 es más cálido que lo que está delante, en %2 unidades CIELAB. Más azul y gris con la distancia.</translation>
    </message>
    <message>
        <source>left side of %1</source>
        <translation>lado izquierdo de %1</translation>
    </message>
    <message>
        <source>right side of %1</source>
        <translation>lado derecho de %1</translation>
    </message>
    <message>
        <source>top of %1</source>
        <translation>alto de %1</translation>
    </message>
    <message>
        <source>foot of %1</source>
        <translation>pie de %1</translation>
    </message>
    <message>
        <source>middle of %1</source>
        <translation>medio de %1</translation>
    </message>
    <message>
        <source>%1 (%2 mm off)</source>
        <translation>%1 (a %2 mm)</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1, %2 units</source>
        <translation>%1, %2 unidades</translation>
    </message>
    <message>
        <source>chroma %1&#xa0;%</source>
        <translation>croma&#xa0;%1&#xa0;%</translation>
    </message>
    <message>
        <source>contrast %1&#xa0;%</source>
        <translation>contraste&#xa0;%1&#xa0;%</translation>
    </message>
    <message>
        <source>%1 steps lighter</source>
        <translation>%1 pasos más claro</translation>
    </message>
    <message>
        <source>%1 steps darker</source>
        <translation>%1 pasos más oscuro</translation>
    </message>
    <message>
        <source>warmer by %1</source>
        <translation>más cálido en %1</translation>
    </message>
    <message>
        <source>cooler by %1</source>
        <translation>más frío en %1</translation>
    </message>
    <message>
        <source>press</source>
        <translation>apretar</translation>
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
        <translation>desnudo</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n layers</source>
        <translation>
            <numerusform>%1, %n capa</numerusform>
            <numerusform>%1, %n capas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1. %2.</source>
        <translation>%1. %2.</translation>
    </message>
    <message>
        <source>Left bare</source>
        <translation>Dejado desnudo</translation>
    </message>
    <message>
        <source>; over it </source>
        <translation>; encima </translation>
    </message>
    <message>
        <source>The paper&apos;s own colour: %1.</source>
        <translation>El color propio del papel: %1.</translation>
    </message>
    <message>
        <source>as light as the bare paper</source>
        <translation>tan claro como el papel desnudo</translation>
    </message>
    <message>
        <source>%1 steps lighter than the bare paper</source>
        <translation>%1 pasos más claro que el papel desnudo</translation>
    </message>
    <message>
        <source>%1 steps darker than the bare paper</source>
        <translation>%1 pasos más oscuro que el papel desnudo</translation>
    </message>
    <message>
        <source>%1, %2. The tooth is then filled to %3 %.</source>
        <translation>%1, %2. El grano está entonces lleno al %3 %.</translation>
    </message>
    <message>
        <source>Its tooth holds %1 times, and takes off a stick %2 times, what is usual for %3.</source>
        <translation>Su grano retiene %1 veces, y toma de la barra %2 veces, lo usual en: %3.</translation>
    </message>
    <message>
        <source>Its colour against what was known: %1.</source>
        <translation>Su color frente a lo conocido: %1.</translation>
    </message>
    <message>
        <source>Its tooth holds %1 times what is usual for %2, give or take %3 %; so far %4 was taken for it.</source>
        <translation>Su grano retiene %1 veces lo usual (%2), con un %3 % de error; hasta ahora se tomaba %4.</translation>
    </message>
    <message>
        <source>It takes %1 times as much off a stick, give or take %2 %; so far %3.</source>
        <translation>Toma de la barra %1 veces lo usual, con un %2 % de error; hasta ahora %3.</translation>
    </message>
    <message>
        <source>What was laid differs from what was expected by %1 in the mean; with this paper as read, by %2.</source>
        <translation>Lo puesto difiere de lo esperado en %1 de media; con este papel como se leyó, en %2.</translation>
    </message>
    <message>
        <source>That is much: see whether the sticks lie in the right fields and the offcut is the right paper.</source>
        <translation>Es mucho: vea si las barras están en los campos correctos y el recorte es del papel correcto.</translation>
    </message>
    <message>
        <source>blended with a finger at %1</source>
        <translation>difuminado con un dedo, %1</translation>
    </message>
    <message>
        <source>lifted with a putty eraser at %1</source>
        <translation>levantado con goma maleable, %1</translation>
    </message>
    <message>
        <source>%1 slides on the loose pigment beneath: %2 % of it holds. Blend or fix first, or lay it earlier.</source>
        <translation>%1 resbala sobre el pigmento suelto de abajo: agarra el %2 %. Difumine o fije antes, o póngalo antes.</translation>
    </message>
    <message>
        <source>%1 slides, as the tooth is nearly full: %2 % of it holds.</source>
        <translation>%1 resbala, pues el grano está casi lleno: agarra el %2 %.</translation>
    </message>
    <message>
        <source>Value %1, chroma %2.</source>
        <translation>Valor %1, croma %2.</translation>
    </message>
    <message>
        <source>Among its neighbours it looks %1 of a step lighter than it is.</source>
        <translation>Entre sus vecinos se ve %1 de paso más claro de lo que es.</translation>
    </message>
    <message>
        <source>Among its neighbours it looks %1 of a step darker than it is.</source>
        <translation>Entre sus vecinos se ve %1 de paso más oscuro de lo que es.</translation>
    </message>
    <message>
        <source>%1 % of the tooth is left.</source>
        <translation>Queda el %1 % del grano.</translation>
    </message>
    <message>
        <source>Against what is wanted: %1 (%2).</source>
        <translation>Frente a lo buscado: %1 (%2).</translation>
    </message>
    <message>
        <source>%1 and %2 calm each other: chroma %3 is left.</source>
        <translation>%1 y %2 se calman: queda croma %3.</translation>
    </message>
    <message>
        <source>%1 turns the %2 beneath to a hue between.</source>
        <translation>%1 gira el %2 de abajo hacia un tono intermedio.</translation>
    </message>
    <message>
        <source>%1 shades the %2 beneath.</source>
        <translation>%1 oscurece el %2 de abajo.</translation>
    </message>
    <message>
        <source>%1 tints the %2 beneath.</source>
        <translation>%1 aclara el %2 de abajo.</translation>
    </message>
    <message>
        <source>%1 and %2 give a duller colour: chroma %3.</source>
        <translation>%1 y %2 dan un color más apagado: croma %3.</translation>
    </message>
    <message>
        <source>%1 over %2 is nearly the same: it evens the layer out.</source>
        <translation>%1 sobre %2 es casi lo mismo: empareja la capa.</translation>
    </message>
    <message>
        <source>The hatched lines stay apart and mix in the eye.</source>
        <translation>Las líneas rayadas quedan aparte y se mezclan en el ojo.</translation>
    </message>
    <message>
        <source>The paper shows through with %1 % of the light: %2.</source>
        <translation>El papel asoma con el %1 % de la luz: %2.</translation>
    </message>
    <message>
        <source>What was laid differs from what was expected by %1 in the mean; with sticks and papers as read, by %2.</source>
        <translation>Lo puesto difiere de lo esperado en %1 de media; con barras y papeles como se leyeron, en %2.</translation>
    </message>
    <message>
        <source>You lay %1 times as much as a usual hand.</source>
        <translation>Usted pone %1 veces lo que una mano usual.</translation>
    </message>
    <message>
        <source>That is much: see whether the strokes lie in the right fields.</source>
        <translation>Es mucho: vea si los trazos están en los campos correctos.</translation>
    </message>
    <message>
        <source>%1, against what was known: %2 (give or take %3); it hides %4 times as well as is usual, so far %5 was taken for it.</source>
        <translation>%1, frente a lo conocido: %2 (con error de %3); cubre %4 veces lo usual, hasta ahora se tomaba %5.</translation>
    </message>
    <message>
        <source>Its colour against what was known: %1. Its tooth holds %2 times and takes off a stick %3 times what is usual for %4; so far %5 and %6.</source>
        <translation>Su color frente a lo conocido: %1. Su grano retiene %2 veces y toma de la barra %3 veces lo usual en %4; hasta ahora %5 y %6.</translation>
    </message>
    <message>
        <source>laid</source>
        <comment>surface of a paper</comment>
        <translation>verjurado</translation>
    </message>
    <message>
        <source>deep</source>
        <comment>of a colour</comment>
        <translation>profundo</translation>
    </message>
    <message>
        <source>dark</source>
        <comment>of a colour</comment>
        <translation>oscuro</translation>
    </message>
    <message>
        <source>light</source>
        <comment>of a colour</comment>
        <translation>claro</translation>
    </message>
    <message>
        <source>pale</source>
        <comment>of a colour</comment>
        <translation>pálido</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a colour: light, red</comment>
        <translation>%2 %1</translation>
    </message>
    <message>
        <source>first</source>
        <comment>an answer</comment>
        <translation>primero</translation>
    </message>
    <message>
        <source>wide</source>
        <comment>a range of values</comment>
        <translation>amplio</translation>
    </message>
    <message>
        <source>%1 mm across, %2 mm from the left and %3 mm from the top: %4, %5.</source>
        <translation>%1 mm de ancho, a %2 mm de la izquierda y %3 mm de arriba: %4, %5.</translation>
    </message>
</context>
</TS>
