<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\SiteSubject;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Time\Interval;

/** What somebody at one spot sees of an eclipse: when the Sun is hidden, by what, which contacts that costs, and how sure that is. */
final readonly class SpotOutlook
{
    /**
     * @param list<UncertainObstruction> $obstructions in order of time
     * @param list<Obstruction> $nearMisses what hides the Sun only if the plan is off by what it may be
     * @param list<ContactVisibility> $contacts in order of time
     * @param string|null $cover what the spot lies under
     * @param float $clearSeconds of the eclipse with the whole disc clear
     * @param list<Interval> $hidden when the whole disc is behind something or below the level, in order
     * @param bool $isDrawn whether the plan has anything that could hide the Sun
     * @param float $wholeSeconds of the eclipse with the whole disc above a level horizon
     * @param Skyline $skyline in the directions in which the Sun moves
     */
    private function __construct(
        public PlanPoint $at,
        public array $obstructions,
        public array $nearMisses,
        public array $contacts,
        public ?string $cover,
        public float $clearSeconds,
        public float $wholeSeconds,
        public bool $isDrawn,
        public array $hidden,
        public Skyline $skyline,
    ) {}

    public static function from(PlanPoint $at, float $eyeM, SitePlan $plan, SunTrack $track, LocalCircumstances $circumstances): self
    {
        $within = AzimuthSpan::ofTrack($track);
        $skyline = Skyline::from($at, $eyeM, $plan->obstacles(), $plan->horizon, 0.0, $within);
        $clear = ClearSky::from($skyline, $track);
        $worst = $plan->accuracyM > 0 ? ClearSky::from(Skyline::from($at, $eyeM, $plan->obstacles(), $plan->horizon, $plan->accuracyM, $within), $track) : $clear;
        $contacts = array_map(
            static fn(Contact $contact): ContactVisibility => ContactVisibility::of($contact->name, SunPosition::of($contact->view), $skyline, $worst),
            $circumstances->contacts(),
        );
        $from = $circumstances->contact(ContactName::C1)?->view->julianDateUt() ?? $track->beginUt;
        $to = $circumstances->contact(ContactName::C4)?->view->julianDateUt() ?? $track->endUt;

        return new self(
            at: $at,
            obstructions: self::obstructions($clear, $worst, $track),
            nearMisses: array_values(array_filter($worst->obstructions, static fn(Obstruction $w): bool => array_filter($clear->obstructions, $w->overlaps(...)) === [])),
            contacts: $contacts,
            cover: $skyline->cover,
            clearSeconds: $clear->clearSeconds($from, $to),
            wholeSeconds: ClearSky::from(Skyline::level(), $track)->clearSeconds($from, $to),
            isDrawn: $plan->obstacles() !== [] || $plan->horizon->points !== [],
            hidden: $clear->hidden,
            skyline: $skyline,
        );
    }

    /** @return list<ContactVisibility> the contacts that the site hides; one with the Sun down is nobody's loss */
    public function lost(): array
    {
        return array_values(array_filter($this->contacts, static fn(ContactVisibility $c): bool => $c->sun->isUp() && $c->visibility !== DiscVisibility::Clear));
    }

    /** How the spot is for watching. */
    public function verdict(): Verdict
    {
        $findings = [];
        if ($this->cover !== null) {
            $findings[] = Finding::measured(Measure::SunClear, Level::No, 'The spot lies under or inside :name.', 'Move it out from under it.', ['name' => $this->cover]);
        } else {
            foreach (self::byName($this->lost()) as $name => $contacts) {
                $isMiddle = array_intersect($contacts, [ContactName::C2->value, ContactName::Maximum->value, ContactName::C3->value]) !== [];
                $findings[] = Finding::measured(Measure::SunClear, $isMiddle ? Level::No : Level::Hold, ':contacts lost behind :name.', 'Look for a spot from which it is clear.', ['contacts' => $contacts, 'name' => $name === '' ? null : $name]);
            }
            foreach (self::byName(array_values(array_filter($this->contacts, static fn(ContactVisibility $c): bool => $c->isUncertain))) as $name => $contacts) {
                $findings[] = Finding::measured(Measure::SunClear, Level::Hold, ':contacts clear, but :name is so close that it depends on the measuring.', 'Measure it better, or move away from it.', ['contacts' => $contacts, 'name' => $name === '' ? null : $name]);
            }
        }
        if (!$this->isDrawn) {
            $findings[] = Finding::measured(Measure::SunClear, Level::Hold, 'No building, wall, tree or far horizon is drawn: nothing is known of what stands in front of the Sun.', 'Draw what stands towards the Sun, with its height.');
        }
        if ($findings === [] && $this->wholeSeconds - $this->clearSeconds > 1) {
            $findings[] = Finding::measured(Measure::SunClear, Level::Hold, 'No contact is lost, but for a while the Sun is hidden.', 'Tell people when, or move.');
        }

        return Verdict::of(SiteSubject::Spot, $findings, Finding::measured(
            Measure::SunClear,
            Level::Yes,
            'Nothing on the plan comes in front of the Sun while the eclipse lasts.',
            'Try it there a day or two before, at the same hours: the Sun then stands within 1° of where it will. Go by the shadows, never by a look at the Sun.',
        ));
    }

    /** How the spot is for those who want shade: operators, a screen for images. */
    public function shadeVerdict(): Verdict
    {
        return Verdict::of(SiteSubject::Shade, match (true) {
            $this->clearSeconds < 1 => [],
            $this->wholeSeconds - $this->clearSeconds > 1 => [Finding::measured(Measure::InTheShade, Level::Hold, 'The Sun reaches it for a part of the eclipse.', 'See from when to when, or put up an awning.')],
            default => [Finding::measured(Measure::InTheShade, Level::No, 'The Sun reaches it all the time.', 'Find a wall\'s shade, or put up an awning.')],
        }, Finding::measured(Measure::InTheShade, Level::Yes, 'The whole disc is never clear from here while the eclipse lasts.', 'The sky still lights it: draw a curtain behind a screen.'));
    }

    /** @return list<UncertainObstruction> */
    private static function obstructions(ClearSky $clear, ClearSky $worst, SunTrack $track): array
    {
        $uncertain = [];
        foreach ($clear->obstructions as $i => $obstruction) {
            $before = $clear->obstructions[$i - 1] ?? null;
            $after = $clear->obstructions[$i + 1] ?? null;
            $uncertain[] = UncertainObstruction::of($obstruction, $worst, $before === null ? $track->beginUt : $before->to->julianDateUt, $after === null ? $track->endUt : $after->from->julianDateUt);
        }

        return $uncertain;
    }

    /**
     * @param list<ContactVisibility> $contacts
     *
     * @return array<string, list<string>> names of the contacts by what stands before them; nothing is the far horizon
     */
    private static function byName(array $contacts): array
    {
        $byName = [];
        foreach ($contacts as $contact) {
            $byName[$contact->by ?? ''][] = $contact->name->value;
        }

        return $byName;
    }
}
