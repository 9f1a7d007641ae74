<?php

declare(strict_types=1);

// What core says of states by chance, for day.test.mjs: the script's looking up is compared with it.

use KeenShadow\Core\Day\Call;
use KeenShadow\Core\Day\CallKind;
use KeenShadow\Core\Day\DaySpan;
use KeenShadow\Core\Day\DayTable;
use KeenShadow\Core\Day\DayTables;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require __DIR__ . '/../../vendor/autoload.php';

$random = new Randomizer(new Xoshiro256StarStar(15));
$days = [];
foreach ([['2027-08-02', 36.53, -6.29], ['2026-08-12', 42.7, -2.9], ['2028-01-26', 36.53, -6.29], ['2027-08-02', 25.7, 32.6]] as [$date, $lat, $lon]) {
    $here = LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon, 0), new DateTimeZone('UTC'), new Ephemeris());
    $tables = DayTables::of($here, Filters::forPlace($here));
    $middleMs = (int) $here->circumstances->maximum->time()->format('Uv');
    $asked = [];
    for ($i = 0; $i < 2000; ++$i) {
        $nearMs = $random->getInt(0, 1) === 0 ? 300_000 : 9_000_000;
        $atMs = $middleMs + $random->getInt(-$nearMs, $nearMs);
        $uncertaintyS = $random->getInt(0, 200_000) / ($random->getInt(0, 1) === 0 ? 1000.0 : 100_000.0);
        $calls = array_map(static fn(): array => [CallKind::cases()[$random->getInt(0, 3)]->value, $middleMs + $random->getInt(-$nearMs, $nearMs)], range(0, $random->getInt(0, 3)));
        $state = $tables->for($uncertaintyS)->at($atMs / 1000, array_map(static fn(array $c): Call => new Call(CallKind::from($c[0]), $c[1] / 1000), $calls));
        $asked[] = ['at' => $atMs, 'uncertainty' => $uncertaintyS, 'calls' => array_map(static fn(array $c): array => ['kind' => $c[0], 'at' => $c[1]], $calls), 'state' => $state->value];
    }
    $days[] = [
        'tables' => array_map(static fn(DayTable $t): array => [
            'uncertainty' => is_finite($t->uncertaintyS) ? $t->uncertaintyS : null,
            'returnUntil' => $t->returnUntilS() === null ? null : 1000 * $t->returnUntilS(),
            'calls' => array_map(static fn(string $id, float $s): array => ['id' => $id, 'from' => 1000 * $s, 'to' => 1000 * $s, 'until' => $id === 'may_come_off' ? 1000 * ($t->filterCalls()['warning'] - Filters::PERMISSION_SECONDS) : null, 'call' => $id, 'name' => $id, 'time' => ''], array_keys($t->filterCalls()), $t->filterCalls()),
            'looks' => [],
            'spans' => array_map(static fn(DaySpan $s): array => ['to' => is_finite($s->toS) ? 1000 * $s->toS : null, 'planned' => $s->state->value, 'cloud' => $s->state->whenClouded()->value, 'stop' => 'stopped'], $t->spans),
        ], $tables->tables),
        'asked' => $asked,
    ];
}
echo json_encode($days, JSON_THROW_ON_ERROR);
