<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;

/** How a build sits on faces, as far as somebody has tried. Whether an eye may look is the rule book's to say. */
final readonly class Wear
{
    public function __construct(
        public ?Stated $overSpectacles,
        public ?Wearer $wornBy,
    ) {}

    /**
     * Whether it suits the people of a group.
     *
     * @param bool $hasChildren up to about 12 years
     * @param int $spectacles how many wear them
     */
    public function suits(bool $hasChildren, bool $hasGrown, int $spectacles): Verdict
    {
        $findings = [];
        if ($spectacles > 0 && $this->overSpectacles !== Stated::Yes) {
            $findings[] = new Finding(
                Level::Hold,
                $this->overSpectacles === Stated::No ? 'It does not go over spectacles, and :count of them wear some.' : 'Nobody has tried whether it goes over spectacles, and :count of them wear some.',
                'Give those a build that goes over spectacles, a hand-held viewer or a face shield.',
                Source::CommonPractice,
                rule: 'over-spectacles',
                values: ['count' => (string) $spectacles],
            );
        }
        $isTried = $this->wornBy !== null && $this->wornBy !== Wearer::Unsure;
        if (!$isTried || ($hasChildren && $this->wornBy === Wearer::Adult) || ($hasGrown && $this->wornBy === Wearer::Child)) {
            $findings[] = new Finding(
                Level::Hold,
                match (true) {
                    !$isTried => 'Nobody has tried whose face it fits.',
                    $this->wornBy === Wearer::Adult => 'It is made for grown faces and slips from a child\'s.',
                    default => 'It is made for children and is too narrow for grown faces.',
                },
                $hasChildren ? 'Try it on some of them; set it in a face shield where it slips.' : 'Try it on some of them.',
                Source::CommonPractice,
                rule: 'kept-on',
            );
        }

        return Verdict::of(EyewearSubject::Wear, $findings, new Finding(
            Level::Yes,
            'It fits whoever is in the group, by what was tried.',
            'Let each put it on once indoors, before the Sun is looked at.',
            Source::CommonPractice,
            rule: 'kept-on',
        ));
    }
}
