<?php

declare(strict_types=1);

/** What would make something allowed, by the part of the situation that is to be otherwise and how it is to be. */
return [
    'look' => [
        'direct' => 'Look with the naked eye.',
        'through_optics' => 'Look into the instrument.',
        'projected' => 'Throw the image on a screen.',
        'pinhole_screen' => 'Look at the image that a hole throws.',
        'screen_of_device' => 'Look at a display.',
        'camera' => 'Let only the sensor look.',
    ],
    'filter' => [
        'eclipse_glasses' => 'Take checked eclipse glasses.',
        'visual_front' => 'Take a filter made for looking, over the front.',
        'none' => 'Take this filter away.',
        'welding' => 'Take welding glass of shade 14 or darker.',
    ],
    'at' => ['eye' => 'Hold it before the eye.', 'front' => 'Put it on the front.'],
    'instrument' => ['none' => 'Do without the instrument.', 'refractor' => 'Take a small telescope with a lens.'],
    'verdict' => ['fit' => 'Take one that was inspected today and found fit.'],
    'lot' => ['in_order' => 'Take one whose papers are in order.'],
    'flaw' => ['none' => 'Take one without a flaw.'],
    'stacked' => ['false' => 'Use one alone.'],
    'spectacles' => ['under' => 'Put them on over the spectacles.'],
    'shade' => ['number' => 'Take one of shade :value or darker.'],
    'welding_kind' => ['fixed_plate' => 'Take a fixed plate.'],
    'fixing' => ['taped' => 'Tape it on.'],
    'checked_against_sun' => ['true' => 'Hold it against the Sun first and look for holes.'],
    'finder' => ['capped_both' => 'Cap the finder at both ends.'],
    'unused_side' => ['capped' => 'Cap the unused side.'],
    'mounted' => ['tripod' => 'Put it on a tripod.'],
    'attended' => ['true' => 'Have one of the crew, an adult, stand at it all the time.'],
    'watched' => ['true' => 'Have one adult watch this child all the time.'],
    'people_in_beam' => ['false' => 'Keep everybody out of the beam.'],
    'eyepiece' => ['uncemented' => 'Take a simple uncemented eyepiece.'],
    'screen_suns' => ['number' => 'Move the screen away until the Sun\'s image on it is at least half as wide as the opening.'],
    'aperture_mm' => ['number' => 'Stop the opening down to :value mm.'],
];
