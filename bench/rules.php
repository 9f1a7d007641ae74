<?php

declare(strict_types=1);

// bin/bench rules: the rule book and the crowd, as shares of what they may take.

use KeenShadow\Core\Audience\Crowd\Arrivals;
use KeenShadow\Core\Audience\Crowd\Party;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Simulation;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Situation;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require __DIR__ . '/../vendor/autoload.php';

const SITUATIONS = 10000;
const SITUATIONS_MAY_TAKE_S = 5.0;
const PEOPLE = 5000;
const CROWD_MAY_TAKE_S = 1.0;

mt_srand(1);
/** Two parts of three are told, whatever they may be: nearly all of it is refused, and a mend is looked for. */
$draw = static function (Part $part): mixed {
    $words = $part->words();

    return match (true) {
        $part->isList() => mt_rand(0, 1) === 0 ? [] : [$words[array_rand($words)]],
        $words !== [] => $words[array_rand($words)],
        $part->range() !== null => mt_rand(1, 30),
        default => mt_rand(0, 1) === 1,
    };
};
$situations = [];
for ($i = 0; $i < SITUATIONS; ++$i) {
    $told = array_filter(Part::cases(), static fn(Part $part): bool => $part->isTold() && mt_rand(0, 2) > 0);
    $situations[] = array_combine(array_map(static fn(Part $part): string => $part->value, $told), array_map($draw, $told));
}
$begin = hrtime(true);
$book = Standard::book();
foreach ($situations as $situation) {
    $book->ask(Situation::of($situation));
}
printf("The rule book, %d situations: %.2f of %g s\n", SITUATIONS, (hrtime(true) - $begin) / 1e9 / SITUATIONS_MAY_TAKE_S, SITUATIONS_MAY_TAKE_S);

$begin = hrtime(true);
$random = new Randomizer(new Xoshiro256StarStar(1));
$stations = [Station::of('Glasses', 40, ServiceTime::about(20, 10), 10), Station::of('Telescope', 4, ServiceTime::asItHappens(40), 5)];
Simulation::run($stations, [new Party('Visitors', Arrivals::stream(PEOPLE, 0, 7200, $random), [0, 1])], $random);
printf("A crowd of %d at two stations: %.2f of %g s\n", PEOPLE, (hrtime(true) - $begin) / 1e9 / CROWD_MAY_TAKE_S, CROWD_MAY_TAKE_S);
