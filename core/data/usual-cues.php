<?php

declare(strict_types=1);

// Usual cues (common practice, no source): code, kind, what it hangs on, seconds after it, seconds it lasts, skies, occasions; none named is all.
// Where it is not as usual: what clouds make of it; what must be seen there (CueNeed); where it sends eyes (Gaze).
// Words are in lang/…/cues.php. Filters off and on are no rows here: they are computed.

return [
    ['try-glasses', 'brief', 'c1', -3 * 86400, 1800, [], []],
    ['rehearse', 'brief', 'c1', -2 * 86400, 3600, [], ['public', 'telescopes', 'lessons']],
    ['set-up', 'move', 'c1', -3600, 900, [], ['public', 'telescopes', 'indoors']],
    ['set-up-lesson', 'move', 'c1', -1800, 600, [], ['lessons']],
    ['darken', 'move', 'c1', -2400, 900, [], ['indoors']],
    ['final-look', 'safety', 'c1', -2700, 900, [], []],
    ['arrive', 'brief', 'c1', -1800, 900, [], ['public', 'telescopes', 'indoors']],
    ['brief-class', 'brief', 'c1', -900, 600, [], ['lessons']],
    ['attended', 'safety', 'c1', -300, 60, [], ['telescopes']],
    ['reading-before', 'measure', 'c1', -600, 120, [], ['public', 'telescopes', 'lessons']],
    ['first-bite', 'call', 'c1', 0, 60, [], []],
    ['filters-again', 'safety', 'max', -1800, 300, [], ['telescopes']],
    ['light-odd', 'look', 'c2', -720, 120, ['total'], [], 'needs' => 'totality', 'eyes' => 'ground'],
    ['animals', 'look', 'c2', -600, 360, ['total'], ['public', 'telescopes', 'lessons'], 'needs' => 'totality'],
    ['reading-middle', 'measure', 'max', -900, 120, [], ['public', 'telescopes', 'lessons']],
    ['shadow-bands', 'look', 'c2', -120, 90, ['total'], ['public', 'telescopes', 'lessons'], 'needs' => 'totality', 'eyes' => 'ground'],
    ['look-round', 'look', 'max', -10, 20, ['total'], ['public', 'telescopes', 'lessons'], 'needs' => 'filters_off', 'eyes' => 'all_round'],
    ['bands-again', 'look', 'c3', 10, 60, ['total'], ['public', 'telescopes', 'lessons'], 'needs' => 'totality', 'eyes' => 'ground'],
    ['clouded-sky', 'look', 'max', -1200, 600, [], ['public', 'telescopes', 'lessons'], 'clouds' => 'only_then'],
    ['clouded-dark', 'call', 'c2', -60, 120, ['total'], ['public', 'telescopes', 'lessons'], 'clouds' => 'only_then', 'needs' => 'totality', 'eyes' => 'away'],
    ['clouded-next', 'brief', 'max', 420, 600, [], ['public', 'telescopes', 'lessons'], 'clouds' => 'only_then'],
    ['ring', 'call', 'c2', 0, 30, ['ring'], [], 'needs' => 'ring'],
    ['ring-ends', 'call', 'c3', 0, 30, ['ring'], [], 'needs' => 'ring'],
    ['maximum', 'call', 'max', 0, 60, ['partial'], [], 'needs' => 'filters_stay_on'],
    ['reading-coldest', 'measure', 'max', 600, 120, [], ['public', 'telescopes', 'lessons']],
    ['sunset', 'safety', 'sunset', -300, 300, [], []],
    ['last-bite', 'call', 'c4', 0, 60, [], []],
    ['collect', 'pack', 'c4', 120, 900, [], []],
    ['symptoms', 'brief', 'c4', 300, 300, [], []],
    ['put-away', 'pack', 'c4', 1200, 1200, [], ['public', 'telescopes', 'indoors']],
];
