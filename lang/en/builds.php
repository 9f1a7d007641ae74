<?php

declare(strict_types=1);

/**
 * How viewers are built (common practice, no source): by build, what it takes, and the steps in order. A step is its words, who
 * does it (an adult wherever something is cut or drilled), and the template that it is done with, if any.
 */
$try = ['Try it on an ordinary sunny day: measure the image, and write it down below.', 'anyone', null];
$prick = ['Prick the hole into the foil with a pin on a soft board; turn the pin, so that the hole is round. Several sizes, and try.', 'adult', 'foil'];

return [
    'two_cards' => [
        'materials' => ['2 sheets of stiff card, A5 or larger', 'white paper', 'a pin, or a drill of the hole\'s size', 'kitchen foil and tape, for a cleaner hole'],
        'steps' => [
            ['Put the hole in the middle of the first card; for a clean one cut a small window and prick foil over it.', 'adult', 'front_card'],
            ['Cover the second card with white paper.', 'anyone', 'screen_card'],
            ['Stand with the Sun at your back. Hold the first card over the shoulder, the second as far away as the design says, square to the light.', 'anyone', null],
            $try,
        ],
    ],
    'foil_window' => [
        'materials' => ['1 sheet of stiff card', 'kitchen foil, 75 mm × 75 mm', 'a pin', 'tape', 'a white card for the screen'],
        'steps' => [['Cut the window into the card.', 'adult', 'window_card'], $prick, ['Tape the foil over the window, without creases, on all four sides.', 'anyone', 'window_card'], ['Hold it into the sunlight, the screen behind it in its shadow.', 'anyone', 'screen_card'], $try],
    ],
    'box' => [
        'materials' => ['a shoe or cereal box as long as the design says', 'kitchen foil, 50 mm × 50 mm', 'a pin', 'white paper', 'tape'],
        'steps' => [
            ['Cut the window for the foil into the end, near the wall that is opposite the place to look in.', 'adult', 'end_panel'],
            $prick,
            ['Tape the foil over that window, on all sides.', 'anyone', 'foil'],
            ['Cut the window to look in by into the other wall, next to the end with the hole, as the template has it: there the head does not stand in the light.', 'adult', 'window_panel'],
            ['Glue white paper inside onto the far end.', 'anyone', 'screen_card'],
            ['Close the box, and tape over whatever lets light in.', 'anyone', null],
            $try,
        ],
    ],
    'head_box' => [
        'materials' => ['a copier-paper box or larger', 'kitchen foil, 50 mm × 50 mm', 'a pin', 'white paper', 'tape', 'a scarf against light from below'],
        'steps' => [
            ['Cut the window for the foil high into the back, beside the head.', 'adult', 'back_panel'],
            $prick,
            ['Tape the foil over it.', 'anyone', 'foil'],
            ['Glue white paper inside onto the front.', 'anyone', 'screen_card'],
            ['Cut the opening for the head into the bottom, and tape its edges.', 'adult', 'bottom_panel'],
            ['Put it on with the back to the Sun, somebody beside you: you see nothing of the way. Turn until the spot of light is on the paper.', 'two', null],
            $try,
        ],
    ],
    'snack_tube' => [
        'materials' => ['a closed snack tube with a metal bottom', 'a drill of the hole\'s size, or an awl', 'white paper', 'black paper or felt for the lining', 'black tape'],
        'steps' => [
            ['Drill the hole into the middle of the metal bottom, and smooth it.', 'adult', 'tube_bottom'],
            ['Cut the window for both eyes into the side, near the lid.', 'adult', 'tube_window'],
            ['Roll the lining in from the bottom; it stops short of the window.', 'anyone', 'lining'],
            ['Put the paper disc onto the inside of the lid. If the lid lets light through, put black tape behind it.', 'anyone', 'screen_disc'],
            ['Tape the edges of the window.', 'anyone', 'tube_window'],
            $try,
        ],
    ],
    'mailing_tube' => [
        'materials' => ['a mailing tube, 75 mm wide, as long as the design says', 'thin brass or aluminium, 30 mm × 30 mm', 'a fine drill', '2 end caps', 'white plastic, or clear plastic and sandpaper of 400 grit', 'matt black paint', 'black board, 400 mm × 300 mm', 'black card for the hood', 'tape'],
        'steps' => [
            ['Paint the inside of the tube and both end caps matt black.', 'anyone', null],
            ['Drill the hole into the brass, and smooth both sides with fine sandpaper.', 'adult', 'brass'],
            ['Cut the opening into the front cap, and tape the brass over it.', 'adult', 'end_cap'],
            ['Cut the screen from white plastic; clear plastic that is sanded on one side is brighter and sharper.', 'adult', 'screen_disc'],
            ['Fix the screen to the rear end, and put the hood round it.', 'anyone', 'hood'],
            ['Cut the hole for the tube into the black board and push it on: it shades the face.', 'adult', 'face_shade'],
            ['Prop the tube up. Aim it by making its shadow smallest, never by sighting along it.', 'anyone', null],
            $try,
        ],
    ],
    'shoulder_card' => [
        'materials' => ['1 sheet of stiff card', 'a punch or drill of the hole\'s size', 'a white card'],
        'steps' => [['Punch the hole into the upper part of the card.', 'adult', 'front_card'], ['Hold it over the shoulder, the Sun at your back; the white card as far away as it goes.', 'anyone', 'screen_card'], $try],
    ],
    'found_holes' => [
        'materials' => ['a colander, a slotted spoon, a straw hat, a basket, or your own crossed fingers', 'pale ground, a white sheet or a white card'],
        'steps' => [['Hold it into the sunlight over the pale ground, as far above it as the design says.', 'anyone', 'screen_card'], ['Look at the ground, the Sun at your back: every hole throws an image.', 'anyone', null], $try],
    ],
    'pattern' => [
        'materials' => ['stiff card or foam board as large as the template', 'a drill of the holes\' size', 'a white sheet'],
        'steps' => [
            ['Glue the sheets of the template together by their crosses, and tape them onto the card.', 'anyone', 'pattern_card'],
            ['Drill every hole, a board below.', 'adult', 'pattern_card'],
            ['Hold the card into the sunlight, its printed side to the Sun, the sheet behind it as far away as the design says.', 'two', null],
            $try,
        ],
    ],
    'mirror' => [
        'materials' => ['a small flat mirror; never a make-up or shaving mirror', 'card for the mask', 'tape', 'a stand that can be tilted', 'rope to keep people out of the beam'],
        'steps' => [
            ['Cut the hole into the mask.', 'adult', 'mirror_mask'],
            ['Tape the mask over the mirror, and tape over every other part of it.', 'anyone', 'mirror_mask'],
            ['Set the mirror on its stand so that its light goes over the heads, onto a shaded wall; see which windows lie behind.', 'adult', null],
            ['Rope off where the beam runs. An adult stands at it, and covers it whenever nobody looks.', 'adult', null],
            $try,
        ],
    ],
    'reading_lens' => [
        'materials' => ['a reading lens of 1 dioptre', 'card for the mask', 'a white card', 'a stand for each, and tape'],
        'steps' => [
            ['Cut the hole of 10 mm or less into the mask; the lens is never used without it.', 'adult', 'lens_mask'],
            ['Tape the mask over the lens.', 'anyone', 'lens_mask'],
            ['Fix lens and screen on stands, a metre apart; move the screen until the edge of the Sun is sharp.', 'adult', 'screen_card'],
            ['Keep eyes and hands out of the light between them.', 'adult', null],
            $try,
        ],
    ],
    'lens_cup' => [
        'materials' => ['a paper cup', 'a reading lens of 1 dioptre', 'tape', 'a white card'],
        'steps' => [
            ['Cut the hole into the bottom of the cup.', 'adult', 'cup_disc'],
            ['Tape the lens into the cup, over the hole, so that no light goes past it.', 'anyone', 'cup_disc'],
            ['Fix cup and screen on stands, a metre apart; move the screen until the edge of the Sun is sharp.', 'adult', 'screen_card'],
            $try,
        ],
    ],
    'telescope' => [
        'materials' => ['a small telescope with a lens, or a binocular, on a tripod', 'a simple uncemented eyepiece (Huygens or Ramsden)', 'card for masks', 'a white screen on a stand', 'caps for the finder, and for the other side of a binocular', 'tape, rope'],
        'steps' => [
            ['Take the finder off, or cap it at both ends; cap the unused side of a binocular, and tape the cap.', 'adult', null],
            ['Cut the mask to 50 to 75 mm, and tape it over the front.', 'adult', 'aperture_mask'],
            ['Push the card round the tube: it shades the screen.', 'adult', 'tube_shade'],
            ['Tape the sun finder to the tube, its hole 200 mm before its target.', 'adult', 'finder_front'],
            ['Aim by making the tube\'s shadow smallest, then by the spot on the target; never by sighting.', 'adult', 'finder_target'],
            ['Put the screen where the design says and focus until the edge of the Sun is sharp. A mark that moves with the image is a sunspot; one that stays is dust.', 'adult', 'screen_card'],
            ['An adult stands at it all the time. Turn it off the Sun every few minutes, and at once when somebody comes into the beam.', 'adult', null],
            $try,
        ],
    ],
    'folded_projector' => [
        'materials' => ['a lens of the focal length that the design says, with a mask', 'a simple eyepiece', '3 small flat mirrors', 'a wooden box that closes, as long as the template', 'white paper', 'a stand that turns and tilts'],
        'steps' => [
            ['Cut the mask, and tape it over the lens.', 'adult', 'aperture_mask'],
            ['Set the mirrors by the base plan, each so that the light goes on to the next.', 'adult', 'base_plan'],
            ['Fix lens and eyepiece, and the paper where the last mirror sends the light.', 'adult', 'screen_card'],
            ['Close the box: nobody can bring an eye or a hand into its beam. Leave a window to see the paper by.', 'adult', null],
            ['Aim it by its shadow. Somebody stands by it all the time.', 'adult', null],
            $try,
        ],
    ],
    'cautions' => [
        'hole' => ['Never look through the hole at the Sun: turn your back to it and look at the screen.'],
        'mirror' => ['A look into the beam is a look at the Sun: mind eyes, windows and drivers.', 'Only a flat mirror. Tape over what is not used of it.'],
        'lens' => ['The light behind the lens burns eyes: keep them out of it. Never use the lens without its mask.'],
        'eyepiece' => ['Never look into it. The light at the eyepiece scorches paper and skin in a moment.', 'Somebody stands by it all the time; in an emergency turn it off the Sun.', 'No telescopes of closed mirror types, no cemented or plastic eyepieces.'],
    ],
];
