<?php

declare(strict_types=1);

// How core's pile goes by answers at random, for training.test.mjs: the script's is compared with it.

use KeenShadow\Core\Training\Cards\Card;
use KeenShadow\Core\Training\Cards\Pile;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require __DIR__ . '/../../vendor/autoload.php';

$random = new Randomizer(new Xoshiro256StarStar(18));
$runs = [];
for ($run = 0; $run < 200; ++$run) {
    $dealt = [];
    foreach (range(1, Card::HARDEST) as $level) {
        $dealt[$level] = array_map(static fn(int $i): string => "c{$level}-{$i}", range(1, $random->getInt(1, 9)));
    }
    unset($dealt[$random->getInt(1, Card::HARDEST)]);
    $pile = Pile::fresh();
    $steps = [];
    for ($i = 0; $i < 60; ++$i) {
        $id = $pile->next($dealt);
        $isRight = $random->getInt(0, 9) > 2;
        $steps[] = ['id' => $id, 'level' => $pile->level, 'right' => $isRight];
        if ($id === null) {
            break;
        }
        $pile = $pile->answered($id, $isRight);
    }
    $runs[] = ['dealt' => $dealt, 'steps' => $steps];
}
echo json_encode(['rules' => ['gaps' => Pile::GAPS, 'harder' => Pile::RIGHT_FOR_HARDER, 'easier' => Pile::WRONG_FOR_EASIER, 'hardest' => Card::HARDEST], 'runs' => $runs], JSON_THROW_ON_ERROR);
