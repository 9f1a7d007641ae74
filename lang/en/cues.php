<?php

declare(strict_types=1);

/** Words of usual cues by their code (common practice, no source): what it is called, what the crew is told, what is called out. */
return [
    'try-glasses' => ['Try the glasses', 'Everybody puts a pair on with their back to the Sun, turns to it, turns away, takes it off. Nobody does this for the first time on the day.', ''],
    'rehearse' => ['Rehearse', 'Walk through the day at the same hour: posts, calls, what to do when clouds come.', ''],
    'set-up' => ['Set up', 'Stations, shade, water, signs. Instruments point away from the Sun and are capped.', ''],
    'set-up-lesson' => ['Set up outside', 'Screens and viewers where the class will stand; nothing lies about that could be looked through.', ''],
    'darken' => ['Darken the room', 'Banner and curtains up, screen in place. One opening only.', ''],
    'final-look' => ['Final look over every filter', 'Each pair and each front filter against the light: no hole, no scratch, no loose edge. What is in doubt goes away.', ''],
    'arrive' => ['People arrive: briefing', 'How to put glasses on and off, where to look, what the calls mean.', 'Welcome. Glasses on before you look up, eyes down before you take them off.'],
    'brief-class' => ['Briefing in class', 'How to put glasses on and off, where to look, what the calls mean.', 'Glasses on before you look up, eyes down before you take them off.'],
    'attended' => ['A person at every instrument', 'Whoever leaves waits for the next one, or caps it.', ''],
    'reading-before' => ['First reading of the thermometer', 'In the shade, 1.5 m above the ground. From here on every 10 minutes.', ''],
    'first-bite' => ['First bite', 'Look where the ribbon shows it.', 'The Moon touches the Sun. Glasses on, then look.'],
    'filters-again' => ['Look at the filters again', 'Wind loosens them: tape and screws of every front filter.', ''],
    'light-odd' => ['The light turns odd', 'Shadows become sharp on one side; colours fade.', 'Look at your shadow on the ground, and at the colours of the ground around it.'],
    'animals' => ['Watch animals', 'Birds, insects, dogs: what do they do?', 'Be still for a moment and listen.'],
    'reading-middle' => ['Reading of the thermometer', 'With the time.', ''],
    'shadow-bands' => ['Shadow bands', 'White sheet flat on the ground. Glasses on for whoever looks up.', 'Look at the white sheet on the ground. Do not look up yet.'],
    'look-round' => ['Look round', 'Sunset on every side, planets. Nobody fiddles with kit.', 'Look round the whole horizon.'],
    'bands-again' => ['Shadow bands again', 'Filters are on. White sheet flat on the ground.', 'Look at the white sheet on the ground. Glasses on whenever you look up.'],
    'clouded-sky' => ['Under clouds: the light falls', 'Light meter and thermometer read aloud. Glasses on for whoever looks up.', 'Feel how dark it gets. Keep your glasses on whenever you look up: the cloud may clear.'],
    'clouded-dark' => ['Under clouds: darkness arrives', 'Everyone turns their back to where the Sun is. Lamps off.', 'It is getting dark. Stand with your back to the Sun, look along the horizon, and listen.'],
    'clouded-next' => ['Under clouds: what comes next', 'The next eclipses here and elsewhere; readings are compared; pictures from clear places.', 'The next one comes. Come and see when.'],
    'ring' => ['The ring begins', 'The ring is Sun as well: filters stay on.', 'The ring! Glasses stay on.'],
    'ring-ends' => ['The ring ends', 'Filters stay on.', 'The ring opens. Glasses stay on.'],
    'maximum' => ['Maximum', 'Filters stay on.', 'This is the most that is covered here. Glasses stay on.'],
    'reading-coldest' => ['Reading of the thermometer: the coldest comes late', 'With the time; on every 5 minutes for half an hour.', ''],
    'sunset' => ['The Sun sets eclipsed', 'Filters stay on down to the horizon, however red it is.', 'Glasses stay on until the Sun is gone.'],
    'last-bite' => ['Last bite', '', 'It is over. Glasses off only with your eyes down.'],
    'collect' => ['Collect and count glasses', 'By group, against what was handed out. Damaged ones apart.', 'Please give every pair back.'],
    'symptoms' => ['Hand out the sheet about eyes', 'What to watch for in the next two days, and whom to call.', 'Please take a sheet home.'],
    'put-away' => ['Put away', 'Caps first. Filters dry, flat, dark.', ''],
];
