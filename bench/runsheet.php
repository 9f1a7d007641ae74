<?php

declare(strict_types=1);

// Solves rotations of 24 groups over 8 stations with 40 helpers, in steps of 5 minutes, as shares of what one may take.

require __DIR__ . '/../vendor/autoload.php';

use KeenShadow\Core\RunSheet\Rota\Relief;
use KeenShadow\Core\RunSheet\Rotation\ProblemRecord;
use KeenShadow\Core\RunSheet\Rotation\Solver;

const A_ROTATION_MAY_TAKE_S = 2.0;
const A_NO_SHOW_MAY_TAKE_S = 1.0;

$methods = ['glasses', 'glasses', 'pinhole', 'pinhole', 'projection', 'projection', 'mirror', 'telescope'];
$problem = [
    'step_min' => 5, 'from' => '09:00', 'to' => '11:30', 'peak' => ['10:10', '10:25'],
    'stations' => array_map(static fn(int $s): array => ['id' => "s{$s}", 'method' => $methods[$s], 'capacity' => 60, 'minutes' => 10, 'crew' => 1 + $s % 2, 'training' => $s > 3 ? ['optics'] : []], range(0, 7)),
    'groups' => array_map(static fn(int $g): array => ['id' => "g{$g}", 'people' => 18 + $g % 12, 'methods' => ['glasses', 'pinhole', 'projection', 'mirror', ...($g % 2 === 0 ? ['telescope'] : [])], 'free' => [['09:00', '10:20'], ['10:40', '11:30']], 'turns' => 4], range(0, 23)),
    'crew' => array_map(static fn(int $h): array => ['id' => "c{$h}", 'training' => $h % 2 === 0 ? ['optics'] : [], 'free' => [$h % 4 < 2 ? ['09:00', '10:40'] : ['10:00', '11:30']], 'longest_min' => 45, 'rest_min' => 10], range(0, 39)),
    'walk_min' => ['s0' => ['s4' => 5, 's5' => 5], 's2' => ['s7' => 5]],
    'glasses' => ['fit' => 70],
];
foreach (['all can be met' => [], 'places are scarce' => ['peak' => ['10:10', '10:15'], 'glasses' => ['fit' => 30]], 'there is nobody for half of it' => ['crew' => array_slice($problem['crew'], 0, 6)]] as $name => $change) {
    $begin = hrtime(true);
    $answer = Solver::solve(ProblemRecord::read(array_replace($problem, $change)));
    $share = (hrtime(true) - $begin) / 1e9 / A_ROTATION_MAY_TAKE_S;
    printf("A rotation, %s: %.2f of %g s (%d turns, %d groups short, %d in the best minutes)\n", $name, $share, A_ROTATION_MAY_TAKE_S, count($answer->turns), count($answer->unmet), count($answer->peak));
}

$answer = Solver::solve(ProblemRecord::read($problem));
$gone = array_column($answer->posts, 'helper')[0];
$left = ProblemRecord::read(array_replace($problem, ['crew' => array_values(array_filter($problem['crew'], static fn(array $h): bool => $h['id'] !== $gone))]));
$begin = hrtime(true);
$posts = Relief::of($left, $answer->turns, $answer->posts, $left->within->fromMin);
printf("One does not come: %.2f of %g s\n", (hrtime(true) - $begin) / 1e9 / A_NO_SHOW_MAY_TAKE_S, A_NO_SHOW_MAY_TAKE_S);
