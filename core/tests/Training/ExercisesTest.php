<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Training;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Training\Cards\Card;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Drill\DrillScore;
use KeenShadow\Core\Training\Drill\Timing;
use KeenShadow\Core\Training\Lenses\DrawnPair;
use KeenShadow\Core\Training\Lenses\LensFault;
use KeenShadow\Core\Training\Lenses\Tray;
use KeenShadow\Core\Training\Record\Attempt;
use KeenShadow\Core\Training\Record\CrewTask;
use KeenShadow\Core\Training\Record\Exercise;
use KeenShadow\Core\Training\Record\Judge;
use KeenShadow\Core\Training\Record\Need;
use KeenShadow\Core\Training\Scenes\Ending;
use KeenShadow\Core\Training\Scenes\Scene;
use KeenShadow\Core\Training\Scenes\SceneFile;
use KeenShadow\Core\Training\Steps\OrderFile;
use KeenShadow\Core\Training\TrainingException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Scenes, orders of steps, trays of pairs and drills; what they count for. */
final class ExercisesTest extends TestCase
{
    private const NODE = ['text' => 'It is so.', 'ends' => 'well', 'picture' => ['sun' => 'partial', 'eyes' => 'image', 'telescope' => 'none']];
    private const CHOICE = ['words' => 'So', 'to' => 'end', 'right' => true, 'rule' => 'cloud'];
    private const BARE = ['look' => 'direct', 'filter' => 'none', 'instrument' => 'none', 'phase' => 'partial'];

    /** Each of them has a way that ends well, one that ends badly, and none that goes on for ever; whatever is done too late ends badly. */
    public function testEveryScenePlaysToItsEnds(): void
    {
        $scenes = SceneFile::own(Standard::book());
        self::assertSame(['helmet', 'glasses-off', 'gust', 'binoculars', 'clouds', 'eye', 'tracking'], array_column($scenes, 'id'));
        foreach ($scenes as $scene) {
            $ends = [];
            foreach ($this->ways($scene, $scene->start, []) as [$chosen, $ending, $isRight]) {
                self::assertSame($isRight && $ending === Ending::Well, $scene->wentWell($chosen), $scene->id);
                self::assertSame($ending === Ending::Well, $isRight, "{$scene->id}: what is right throughout ends well, and nothing else does");
                $ends[$ending->value] = true;
            }
            self::assertCount(2, $ends, $scene->id);
            self::assertNull($scene->wentWell([]));
            self::assertNull($scene->wentWell([99]));
            self::assertFalse($scene->wentWell([null]));
        }
    }

    /** No scene praises what the rules forbid, nor blames what they allow; what makes no sense is refused at its place. */
    public function testAScenePraisesNothingThatIsForbidden(): void
    {
        $with = static fn(array $choice, array $node = []): array => [['id' => 'a', 'title' => 'A', 'for' => ['helper'], 'start' => 'one', 'nodes' => ['one' => $node + ['text' => 'It is so.', 'seconds' => 10, 'late' => 'end', 'picture' => self::NODE['picture'], 'choices' => [$choice + self::CHOICE]], 'end' => self::NODE]]];
        self::assertCount(1, SceneFile::read($with([]), Standard::book()));
        $glasses = ['look' => 'pinhole_screen', 'instrument' => 'none', 'phase' => 'partial', 'person' => 'child'];
        foreach ([
            [$with(['situation' => self::BARE]), 'praises_what_is_forbidden', '[0].nodes.one.choices[0]'],
            [$with(['right' => false, 'situation' => $glasses]), 'blames_what_is_allowed', '[0].nodes.one.choices[0]'],
            [$with(['rule' => 'be-nice']), 'no_such_rule', '[0].nodes.one.choices[0].rule'],
            [$with(['to' => 'nowhere']), 'leads_nowhere', '[0].nodes.one.choices[0].to'],
            [$with(['situation' => ['look' => 'sideways']]), 'not_one_of', '[0].nodes.one.choices[0].situation'],
            [$with([], ['late' => 'gone']), 'leads_nowhere', '[0].nodes.one.late'],
            [$with([], ['seconds' => 0]), 'missing', '[0].nodes.one.seconds'],
            [$with([], ['picture' => ['sun' => 'green'] + self::NODE['picture']]), 'not_one_of', '[0].nodes.one.picture.sun'],
            [[['id' => 'a']], 'missing', '[0].nodes'],
            [['x'], 'missing', '[0]'],
        ] as [$given, $reason, $field]) {
            $this->expectRefusal($reason, $field, static fn() => SceneFile::read($given, Standard::book()));
        }
    }

    /** As they stand in the file they are in order; each order of two is asked for by a rule, and swapping those two breaks just that. */
    public function testOrdersOfSteps(): void
    {
        $orders = OrderFile::own(Standard::book());
        self::assertSame(['projection', 'filter', 'table', 'closing'], array_column($orders, 'id'));
        foreach ($orders as $order) {
            $steps = array_keys($order->steps);
            self::assertSame([], $order->broken($steps), $order->id);
            self::assertNotSame([], $order->broken(array_reverse($steps)));
            self::assertNotSame([], $order->broken($order->shuffled(3)));
            self::assertSame($order->shuffled(3), $order->shuffled(3));
            self::assertNull($order->broken(array_slice($steps, 1)));
            self::assertNull($order->broken([...$steps, 'more']));
            self::assertNull($order->broken([$steps[0], ...array_slice($steps, 0, -1)]));
            foreach ($order->before as $before) {
                $swapped = array_map(static fn(string $step): string => match ($step) {
                    $before->first => $before->then, $before->then => $before->first, default => $step,
                }, $steps);
                self::assertContains($before, $order->broken($swapped) ?? [], "{$order->id} {$before->first} {$before->then}");
            }
        }
        $circle = [['id' => 'a', 'title' => 'A', 'for' => ['helper'], 'steps' => ['x' => 'X', 'y' => 'Y'], 'before' => [['x', 'y', 'cloud'], ['y', 'x', 'cloud']]]];
        $this->expectRefusal('goes_in_a_circle', '[0].before', static fn() => OrderFile::read($circle, Standard::book()));
        $this->expectRefusal('leads_nowhere', '[0].before[0]', static fn() => OrderFile::read([['before' => [['x', 'z', 'cloud']]] + $circle[0]], Standard::book()));
        $this->expectRefusal('no_such_rule', '[0].before[0]', static fn() => OrderFile::read([['before' => [['x', 'y', 'z']]] + $circle[0]], Standard::book()));
    }

    /** A third of a tray has a fault, of every kind; the same number draws the same tray. */
    public function testATrayOfPairs(): void
    {
        $tray = Tray::of(17);
        self::assertEquals($tray, Tray::of(17));
        self::assertNotEquals($tray->pairs, Tray::of(18)->pairs);
        $faults = array_values(array_filter(array_map(static fn(DrawnPair $pair): ?LensFault => $pair->fault, $tray->pairs), static fn(?LensFault $fault): bool => $fault !== null));
        self::assertCount(8, $faults);
        self::assertCount(8, array_unique(array_map(static fn(LensFault $fault): string => $fault->value, $faults)));
        $all = array_map(static fn(DrawnPair $pair): ?LensFault => $pair->fault, $tray->pairs);
        self::assertTrue($tray->score($all)->isPassed());
        self::assertFalse($tray->score(array_slice($all, 0, 20))->isPassed(), 'not all looked at');
        // One missed, by hand: seven hits, all named, and the kind that was missed.
        $first = array_search($faults[0], $all, true);
        $score = $tray->score(array_values(array_replace($all, [$first => null])));
        self::assertEquals([7, 1, 0, 7, [$faults[0]], false], [$score->hits, $score->missed, $score->falseAlarms, $score->named, $score->missedKinds, $score->isPassed()]);
        // Three of sixteen good ones thrown away are allowed, four are not; a fault by another name is a hit.
        $good = array_keys($all, null, true);
        $alarms = static fn(int $n): array => array_values(array_replace($all, array_fill_keys(array_slice($good, 0, $n), LensFault::Dirt)));
        self::assertTrue($tray->score($alarms(3))->isPassed());
        self::assertFalse($tray->score($alarms(4))->isPassed());
        $other = $faults[0] === LensFault::Dirt ? LensFault::Hole : LensFault::Dirt;
        $renamed = $tray->score(array_values(array_replace($all, [$first => $other])));
        self::assertSame([8, 7], [$renamed->hits, $renamed->named]);
    }

    /** Presses at known distances from the guarded times, in seconds. */
    #[TestWith([0.0, 150.0, Timing::InTime, Timing::InTime])]
    #[TestWith([-0.1, 150.0, Timing::EarlyOff, Timing::InTime])]
    #[TestWith([9.9, 160.0, Timing::InTime, Timing::InTime])]
    #[TestWith([10.1, 160.1, Timing::Wasted, Timing::LateOn])]
    #[TestWith([3.0, 139.9, Timing::InTime, Timing::Wasted])]
    #[TestWith([3.0, null, Timing::InTime, Timing::LateOn])]
    #[TestWith([null, null, Timing::NotCalled, Timing::NotCalled])]
    public function testADrillIsScoredAgainstTheGuardedTimes(?float $offS, ?float $onS, Timing $off, Timing $on): void
    {
        $from = 20000.0;
        $score = DrillScore::of($from, $from + 160 / 86400, $offS === null ? null : $from + $offS / 86400, $onS === null ? null : $from + $onS / 86400);
        self::assertSame([$off, $on], [$score->off, $score->on]);
        self::assertSame($off === Timing::InTime && $on === Timing::InTime, $score->isPassed());
        if ($offS !== null) {
            self::assertEqualsWithDelta($offS, $score->offS, 1e-3);
        }
    }

    /** Where filters stay on, calling them off is early whenever it is. */
    public function testWithoutTotalityNobodyCallsThemOff(): void
    {
        self::assertTrue(DrillScore::of(null, null, null, null)->isPassed());
        self::assertSame(Timing::EarlyOff, DrillScore::of(null, null, 20000.0, 20000.001)->off);
    }

    /** Of the last twenty different cards eighteen right, each by its last answer; the last try counts, and one of a quarter of a year before does not; what cannot be told neither helps nor harms. */
    public function testWhatMustBePassed(): void
    {
        $judge = Judge::of(Standard::book());
        $day = new DateTimeImmutable('2027-08-02');
        $noes = array_keys(array_filter(Deck::of(Standard::book())->cards, static fn(Card $card): bool => $card->answer->permission === Permission::No));
        $card = static fn(bool $isRight, string $about, string $at = '2027-07-01'): Attempt => new Attempt(Exercise::Card, $about, ['said' => $isRight ? 'no' : 'yes'], new DateTimeImmutable($at), Duty::Checker);
        $cards = Need::cards(Duty::Checker);
        $of = static fn(int $right, int $wrong): array => array_map(static fn(int $i): Attempt => $card($i >= $wrong, $noes[$i]), range(0, $right + $wrong - 1));
        self::assertTrue($cards->isMet($of(18, 2), $day, $judge));
        self::assertFalse($cards->isMet($of(17, 3), $day, $judge));
        self::assertFalse($cards->isMet($of(19, 0), $day, $judge));
        self::assertTrue($cards->isMet([...$of(18, 2), $card(true, 'gone~none')], $day, $judge));
        self::assertFalse($cards->isMet(array_fill(0, 30, $card(true, $noes[0])), $day, $judge), 'one card thirty times');
        self::assertTrue($cards->isMet([...$of(17, 3), $card(true, $noes[0])], $day, $judge), 'put right since');
        self::assertFalse($cards->isMet([...$of(18, 2), $card(false, $noes[19])], $day, $judge), 'known once');
        self::assertFalse($cards->isMet(array_map(static fn(int $i): Attempt => $card(true, $noes[$i], '2027-05-01'), range(1, 30)), $day, $judge));
        self::assertFalse(Need::cards(Duty::Instrument)->isMet($of(20, 0), $day, $judge));
        $table = array_keys($judge->orders['table']->steps);
        $steps = static fn(array $order, string $at): Attempt => new Attempt(Exercise::Steps, 'table', ['order' => $order], new DateTimeImmutable($at));
        $need = new Need(Exercise::Steps, 'table');
        self::assertTrue($need->isMet([$steps(array_reverse($table), '2027-07-01'), $steps($table, '2027-07-02')], $day, $judge));
        self::assertFalse($need->isMet([$steps($table, '2027-07-01'), $steps(array_reverse($table), '2027-07-02')], $day, $judge));
        $drill = static fn(int $offMs): Attempt => new Attempt(Exercise::Drill, '', ['free_from' => 1000000, 'free_to' => 1160000, 'off' => 1000000 + $offMs, 'on' => 1150000], new DateTimeImmutable('2027-07-01'));
        $twice = new Need(Exercise::Drill, '');
        self::assertFalse($twice->isMet([$drill(500)], $day, $judge));
        self::assertTrue($twice->isMet([$drill(-100), $drill(500), $drill(900)], $day, $judge));
        self::assertFalse($twice->isMet([$drill(500), $drill(900), $drill(-100)], $day, $judge));
        foreach (CrewTask::cases() as $task) {
            self::assertNotSame([], array_filter($task->needs(), static fn(Need $need): bool => !$need->isMet([], $day, $judge)));
            foreach ($task->needs() as $each) {
                self::assertTrue(match ($each->exercise) {
                    Exercise::Scene => isset($judge->scenes[$each->about]), Exercise::Steps => isset($judge->orders[$each->about]), Exercise::Card => Duty::tryFrom($each->about) !== null, default => true,
                });
            }
        }
    }

    /** An event of 2 August ends on the 3rd; 90 days before that are 5 May. */
    #[TestWith(['2027-05-05 00:00', '2027-08-03 00:00'])]
    #[TestWith(['2027-05-04 23:59', '2027-05-04 23:59'])]
    #[TestWith(['2026-11-27 12:00', '2026-11-27 12:00'])]
    #[TestWith(['2029-01-01 12:00', '2027-08-03 00:00'])]
    public function testFromWhichDayIsReckoned(string $now, string $day): void
    {
        self::assertEquals(new DateTimeImmutable($day), Need::reckonedOn(new DateTimeImmutable('2027-08-02'), new DateTimeImmutable($now)));
    }

    /** What comes from a device may be anything: it counts as nothing. */
    public function testNonsenseCountsAsNothing(): void
    {
        $judge = Judge::of(Standard::book());
        foreach (Exercise::cases() as $exercise) {
            foreach ([[], ['said' => 7, 'chosen' => 'x', 'order' => 'x', 'found' => 7, 'off' => 'x'], ['said' => 'maybe', 'chosen' => [[1]], 'order' => [1, 2], 'found' => [['x']], 'off' => []]] as $given) {
                foreach (['', 'sunglasses~none', 'helmet', 'table', '17', '99999999999'] as $about) {
                    if ($exercise !== Exercise::Drill || $about === '') {
                        self::assertNotTrue($exercise === Exercise::Drill ? false : $judge->isRight(new Attempt($exercise, $about, $given, new DateTimeImmutable('2027-07-01'))));
                    }
                }
            }
        }
    }

    /**
     * @param list<int|null> $chosen
     *
     * @return iterable<array{list<int|null>, Ending, bool}>
     */
    private function ways(Scene $scene, string $at, array $chosen, bool $isRight = true): iterable
    {
        self::assertLessThan(10, count($chosen), "{$scene->id} goes on and on");
        $moment = $scene->moments[$at];
        if ($moment->ending !== null) {
            yield [$chosen, $moment->ending, $isRight];

            return;
        }
        yield from $this->ways($scene, (string) $moment->late, [...$chosen, null], false);
        foreach ($moment->options as $i => $option) {
            yield from $this->ways($scene, $option->to, [...$chosen, $i], $isRight && $option->isRight);
        }
    }

    private function expectRefusal(string $reason, string $field, callable $asked): void
    {
        try {
            $asked();
            self::fail("{$field} was not refused");
        } catch (TrainingException $e) {
            self::assertSame([$reason, $field], [$e->reason, $e->field]);
        }
    }
}
