<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Domain\Event\DayPlan;
use App\Domain\Event\EventFacts;
use App\Text\Clock;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Sky\ContactName;

/** Moments of the day at which a rehearsal may begin. */
final class DayStarts
{
    private const BEFORE = '-2 minutes';

    /** @return list<array{name: string, ms: int}> in order of time: the first cue, and a little before each contact */
    public static function of(EventFacts $facts, DayPlan $plan): array
    {
        $clock = Clock::over($facts->here);
        $starts = $plan->lines === [] ? [] : [self::start($plan->lines[0]->from, __('the first cue'), $clock)];
        foreach ([ContactName::C1, ContactName::C2, ContactName::Maximum, ContactName::C3, ContactName::C4] as $name) {
            $contact = $facts->here->circumstances->contact($name);
            if ($contact !== null) {
                $starts[] = self::start($contact->time()->modify(self::BEFORE), __('2 min before :contact', ['contact' => SkyWords::contact($name)]), $clock);
            }
        }
        usort($starts, static fn(array $a, array $b): int => $a['ms'] <=> $b['ms']);

        return $starts;
    }

    /** @return array{name: string, ms: int} */
    private static function start(DateTimeImmutable $at, string $words, Clock $clock): array
    {
        return ['name' => $clock->minute($at) . ', ' . $words, 'ms' => Clock::ms($at)];
    }
}
