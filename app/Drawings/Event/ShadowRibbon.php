<?php

declare(strict_types=1);

namespace App\Drawings\Event;

use App\Drawings\Sky\DiscSample;
use App\Text\Clock;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Site\Skyline\HiddenSpan;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;

/**
 * The shadow ribbon: one time axis of the eclipse at the event's place, with the Sun's disc drawn along it.
 *
 * Places along the axis are percentages of its length, so that the ribbon fits any width without its type shrinking;
 * discs are in pixels. The ribbon darkens in proportion to the covered area.
 */
final readonly class ShadowRibbon
{
    public const DISC_RADIUS_PX = 14;
    /** A hair more than the disc, so that no rim of Sun shines through where the Moon covers it. */
    public const LIMB_RADIUS_PX = 14.2;
    public const CORONA_RADIUS_PX = 15;
    private const DISCS_EACH_SIDE = 6;
    private const SHADE_STOPS = 60;
    private const LABEL_ROOM_PERCENT = 4.5;

    /**
     * @param list<RibbonDisc> $discs
     * @param list<RibbonMark> $contacts
     * @param list<RibbonMark> $hours
     * @param list<RibbonMark> $crossings sunrise and sunset
     * @param list<array{x: float, width: float}> $nights obstructions with the Sun down, in percent
     * @param list<array{x: float, width: float, by: string}> $hidden obstructions with something on the site in front of the Sun, in percent
     * @param list<array{offset: float, opacity: float}> $shade
     */
    private function __construct(
        public DateTimeImmutable $begin,
        public DateTimeImmutable $end,
        public array $discs,
        public array $contacts,
        public array $hours,
        public array $crossings,
        public array $nights,
        public array $hidden,
        public array $shade,
        public ?float $nowPercent,
    ) {}

    /**
     * @param list<HiddenSpan> $hidden what comes in front of the Sun where the people stand
     * @param Interval|null $axis what is shown, where it is more than usual
     */
    public static function of(LocalEclipse $here, array $hidden, DateTimeImmutable $now, ?Interval $axis = null): self
    {
        $begin = $axis === null ? $here->spanBegins() : JulianDate::toDateTime($axis->fromUt);
        $end = $axis === null ? $here->spanEnds() : JulianDate::toDateTime($axis->toUt);
        $percent = static fn(DateTimeImmutable $moment): float => round(
            100 * ((float) $moment->format('U') - (float) $begin->format('U')) / ((float) $end->format('U') - (float) $begin->format('U')),
            3,
        );

        return new self(
            begin: $begin,
            end: $end,
            discs: self::discs($here, $percent),
            contacts: self::contacts($here, $percent),
            hours: self::hours($here, $begin, $end, $percent),
            crossings: self::crossings($here, $begin, $end, $percent),
            nights: self::nights($here, $begin, $end, $percent),
            hidden: self::hidden($hidden, $percent),
            shade: self::shade($here, $begin, $end),
            nowPercent: $now > $begin && $now < $end ? $percent($now) : null,
        );
    }

    /**
     * Thirteen discs: C1, maximum, C4 and five between each.
     *
     * @param callable(DateTimeImmutable): float $percent
     *
     * @return list<RibbonDisc>
     */
    private static function discs(LocalEclipse $here, callable $percent): array
    {
        $middle = $here->circumstances->maximum->time();
        $discs = [];
        for ($k = -self::DISCS_EACH_SIDE; $k <= self::DISCS_EACH_SIDE; ++$k) {
            $edge = $k < 0 ? $here->begins() : $here->ends();
            $span = (float) $edge->format('U.u') - (float) $middle->format('U.u');
            $moment = $middle->modify(sprintf('%+d milliseconds', (int) round(1000 * $span * abs($k) / self::DISCS_EACH_SIDE)));
            $sample = DiscSample::of($k === 0 ? $here->circumstances->maximum : $here->at($moment), '', '');
            $discs[] = new RibbonDisc($percent($moment), $sample, self::DISC_RADIUS_PX, $k % 2 === 0);
        }

        return $discs;
    }

    /**
     * @param callable(DateTimeImmutable): float $percent
     *
     * @return list<RibbonMark>
     */
    private static function contacts(LocalEclipse $here, callable $percent): array
    {
        $c = $here->circumstances;
        $read = static fn(Contact $contact): string => $contact->view->isSunUp() ? Clock::over($here)->second($contact->time()) : __('Sun down');
        $end = $c->contact(ContactName::C3);
        $marks = [];
        foreach ([ContactName::C1, ContactName::C2, ContactName::Maximum, ContactName::C3, ContactName::C4] as $name) {
            $contact = $c->contact($name);
            // C2 and C3 stand so close to the maximum that one mark serves the three.
            $shown = $c->kind->isCentral() ? $name !== ContactName::Maximum && $name !== ContactName::C3 : true;
            if ($contact === null || !$shown) {
                continue;
            }
            if ($name !== ContactName::C2 || $end === null) {
                $marks[] = new RibbonMark($percent($contact->time()), SkyWords::contact($name), $read($contact));
                continue;
            }
            $isSeen = $contact->view->isSunUp() || $end->view->isSunUp();
            $marks[] = new RibbonMark($percent($c->maximum->time()), $isSeen ? 'C2' : 'C2, C3', $read($contact), $isSeen ? 'C3' : '', $isSeen ? $read($end) : '');
        }

        return $marks;
    }

    /**
     * @param callable(DateTimeImmutable): float $percent
     *
     * @return list<RibbonMark>
     */
    private static function hours(LocalEclipse $here, DateTimeImmutable $begin, DateTimeImmutable $end, callable $percent): array
    {
        $marks = [];
        $hour = $here->local($begin);
        $hour = $hour->setTime((int) $hour->format('G') + 1, 0);
        for (; $hour < $end; $hour = $hour->modify('+1 hour')) {
            // A label nearer to an end would be cut off.
            if ($percent($hour) > self::LABEL_ROOM_PERCENT && $percent($hour) < 100 - self::LABEL_ROOM_PERCENT) {
                $marks[] = new RibbonMark($percent($hour), $hour->format('H:i'), '');
            }
        }

        return $marks;
    }

    /**
     * @param callable(DateTimeImmutable): float $percent
     *
     * @return list<RibbonMark>
     */
    private static function crossings(LocalEclipse $here, DateTimeImmutable $begin, DateTimeImmutable $end, callable $percent): array
    {
        $marks = [];
        foreach ($here->crossings as $crossing) {
            if ($crossing->time > $begin && $crossing->time < $end) {
                $marks[] = new RibbonMark($percent($crossing->time), $crossing->isRise ? __('Sunrise') : __('Sunset'), Clock::over($here)->minute($crossing->time));
            }
        }

        return $marks;
    }

    /**
     * @param callable(DateTimeImmutable): float $percent
     *
     * @return list<array{x: float, width: float}>
     */
    private static function nights(LocalEclipse $here, DateTimeImmutable $begin, DateTimeImmutable $end, callable $percent): array
    {
        $nights = [];
        $from = $here->at($begin)->isSunUp() ? null : 0.0;
        foreach ($here->crossings as $crossing) {
            if ($crossing->time <= $begin || $crossing->time >= $end) {
                continue;
            }
            $x = $percent($crossing->time);
            if ($crossing->isRise && $from !== null) {
                $nights[] = ['x' => $from, 'width' => round($x - $from, 3)];
            }
            $from = $crossing->isRise ? null : $x;
        }
        if ($from !== null) {
            $nights[] = ['x' => $from, 'width' => round(100 - $from, 3)];
        }

        return $nights;
    }

    /**
     * @param list<HiddenSpan> $spans
     * @param callable(DateTimeImmutable): float $percent
     *
     * @return list<array{x: float, width: float, by: string}>
     */
    private static function hidden(array $spans, callable $percent): array
    {
        $hidden = [];
        foreach ($spans as $span) {
            $x = $percent($span->begins());
            $hidden[] = ['x' => $x, 'width' => round($percent($span->ends()) - $x, 3), 'by' => implode(', ', $span->by)];
        }

        return $hidden;
    }

    /** @return list<array{offset: float, opacity: float}> */
    private static function shade(LocalEclipse $here, DateTimeImmutable $begin, DateTimeImmutable $end): array
    {
        $seconds = (float) $end->format('U') - (float) $begin->format('U');
        $stops = [];
        for ($i = 0; $i <= self::SHADE_STOPS; ++$i) {
            $moment = $begin->modify(sprintf('+%d seconds', (int) round($seconds * $i / self::SHADE_STOPS)));
            $stops[] = ['offset' => round($i / self::SHADE_STOPS, 4), 'opacity' => round($here->at($moment)->obscuration(), 3)];
        }

        return $stops;
    }
}
