<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Subject;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalCircumstances;

/** What somebody at one spot sees of an eclipse: when the Sun is hidden, by what, which contacts that costs, and how sure that is. */
final readonly class SpotOutlook
{
    /**
     * @param list<Hiding> $hidings in order of time
     * @param list<Stretch> $nearMisses what hides the Sun only if the plan is off by what it may be
     * @param list<ContactSight> $contacts in order of time
     * @param string|null $cover what the spot lies under
     */
    private function __construct(
        public PlanPoint $at,
        public float $eyeM,
        public array $hidings,
        public array $nearMisses,
        public array $contacts,
        public ?string $cover,
        public float $clearSeconds,
        public float $wholeSeconds,
    ) {}

    public static function from(PlanPoint $at, float $eyeM, SitePlan $plan, SunTrack $track, LocalCircumstances $circumstances): self
    {
        $skyline = $plan->skylineFrom($at, $eyeM);
        $clear = ClearSky::from($skyline, $track);
        $worst = $plan->accuracyM > 0 ? ClearSky::from($plan->worstSkylineFrom($at, $eyeM), $track) : $clear;
        $contacts = array_map(
            static fn(Contact $contact): ContactSight => ContactSight::of($contact->name, SunPlace::of($contact->view), $skyline, $worst),
            $circumstances->contacts(),
        );
        $from = $circumstances->contact(ContactName::C1)?->view->julianDateUt() ?? $track->beginUt;
        $to = $circumstances->contact(ContactName::C4)?->view->julianDateUt() ?? $track->endUt;

        return new self(
            $at,
            $eyeM,
            array_map(static fn(Stretch $s): Hiding => Hiding::of($s, $worst), $clear->stretches),
            array_values(array_filter($worst->stretches, static fn(Stretch $w): bool => array_filter($clear->stretches, $w->overlaps(...)) === [])),
            $contacts,
            $skyline->cover,
            $clear->clearSeconds($from, $to),
            ($to - $from) * 86400,
        );
    }

    /** @return list<ContactSight> */
    public function lost(): array
    {
        return array_values(array_filter($this->contacts, static fn(ContactSight $c): bool => $c->sight !== Sight::Clear));
    }

    public function verdict(): Verdict
    {
        $findings = [];
        if ($this->cover !== null) {
            $findings[] = new Finding(Level::No, 'The spot lies under or inside :name.', 'Move it out from under it.', Source::Plan, ['name' => $this->cover]);
        }
        foreach ($this->cover === null ? $this->contacts : [] as $contact) {
            $isMiddle = in_array($contact->name, [ContactName::C2, ContactName::Maximum, ContactName::C3], true);
            $names = ['contact' => $contact->name->value, 'name' => $contact->by ?? 'the horizon'];
            if ($contact->sight !== Sight::Clear) {
                $findings[] = new Finding($isMiddle ? Level::No : Level::Hold, ':contact is lost behind :name.', 'Look for a spot from which it is clear.', Source::Plan, $names);
            } elseif ($contact->isInDoubt) {
                $findings[] = new Finding(Level::Hold, ':contact is clear, but :name stands so close that it hangs on the measuring.', 'Measure it better, or move away from it.', Source::Plan, $names);
            }
        }
        if ($findings === [] && $this->wholeSeconds - $this->clearSeconds > 1) {
            $findings[] = new Finding(Level::Hold, 'All contacts are clear; in between the Sun is hidden for a while.', 'Tell people when, or move.', Source::Plan);
        }

        return Verdict::of(Subject::Spot, $findings, new Finding(
            Level::Yes,
            'Nothing on the plan comes before the Sun from the first contact to the last.',
            'Go there on another day at the same hour and look along the Sun\'s way with a compass.',
            Source::Plan,
        ));
    }
}
