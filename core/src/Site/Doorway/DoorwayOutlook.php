<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Doorway;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\SiteSubject;
use KeenShadow\Core\Sky\StateInterval;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;

/** A banner for people of several heights: from when to when it works for whom, and who sees the maximum. */
final readonly class DoorwayOutlook
{
    /**
     * @param array<string, float> $eyesM heights of eyes by whose they are
     * @param array<string, list<StateInterval<BannerState>>> $intervals over the eclipse, by whose eyes
     */
    private function __construct(
        public Banner $banner,
        public array $eyesM,
        public array $intervals,
        private SunPosition $maximum,
    ) {}

    /**
     * @param array<string, float> $eyesM
     * @param SunPosition $maximum the Sun at the moment with the most covered that is above the horizon
     */
    public static function of(Banner $banner, array $eyesM, SunTrack $eclipse, SunPosition $maximum): self
    {
        return new self($banner, $eyesM, array_map(static fn(float $eyeM): array => $banner->intervalsFor($eyeM, $eclipse), $eyesM), $maximum);
    }

    /** @return list<StateInterval<BannerState>> when it works for anybody */
    public function works(): array
    {
        return array_values(array_filter(array_merge([], ...array_values($this->intervals)), static fn(StateInterval $interval): bool => $interval->state === BannerState::Works));
    }

    /** Whether the Sun is on its other side as long as it is up. */
    public function facesAway(): bool
    {
        $states = array_map(static fn(StateInterval $interval): BannerState => $interval->state, array_merge([], ...array_values($this->intervals)));

        return in_array(BannerState::NotFacing, $states, true)
            && array_filter($states, static fn(BannerState $s): bool => $s !== BannerState::NotFacing && $s !== BannerState::SunDown) === [];
    }

    /** @return list<array{state: BannerState, by: array{by?: string|null}, who: non-empty-list<string>}> those who do not see the Sun at a moment, by what stops them */
    public function without(SunPosition $sun): array
    {
        $without = [];
        foreach ($this->eyesM as $who => $eyeM) {
            $state = $this->banner->stateFor($eyeM, $sun);
            if ($state === BannerState::Works) {
                continue;
            }
            $by = $state === BannerState::Blocked ? ['by' => $this->banner->blockedBy($eyeM, $sun)] : [];
            $why = $state->value . implode($by);
            $without[$why] = ['state' => $state, 'by' => $by, 'who' => [...$without[$why]['who'] ?? [], $who]];
        }

        return array_values($without);
    }

    /** How it is at the maximum. */
    public function verdict(): Verdict
    {
        $level = $this->works() === [] ? Level::No : Level::Hold;

        return Verdict::of(
            SiteSubject::Doorway,
            array_map(static fn(array $w): Finding => Finding::measured(Measure::HoleOnTheBanner, $level, self::reason($w['state']), 'Try another doorway, distance or height.', ['who' => $w['who'], ...$w['by']]), $this->without($this->maximum)),
            Finding::measured(
                Measure::HoleOnTheBanner,
                Level::Yes,
                'For all heights of eyes a hole lies on the banner at the maximum, and nothing stands in front of the Sun.',
                'Hang it a day or two before and try it at the same hours.',
            ),
        );
    }

    /** A look through a filter in one of its holes, for the rule book to be asked about: the sheet keeps it before the eyes, and alone. */
    public static function situation(): Situation
    {
        return Situation::of(['look' => 'direct', 'filter' => 'eclipse_glasses', 'at' => 'eye', 'instrument' => 'none', 'stacked' => false, 'spectacles' => 'under']);
    }

    private static function reason(BannerState $state): string
    {
        return match ($state) {
            BannerState::NotFacing => 'At the maximum it faces away from the Sun (:who).',
            BannerState::SunDown => 'At the maximum the Sun is down (:who).',
            BannerState::AboveLintel => 'At the maximum the hole would lie above the opening (:who).',
            BannerState::BelowSill => 'At the maximum the hole would lie below the opening (:who).',
            BannerState::PastJamb => 'At the maximum the hole would lie too far to the side (:who).',
            BannerState::Blocked => 'At the maximum :by is in front of the Sun (:who).',
            BannerState::Works => throw new \LogicException('nothing speaks against it'),
        };
    }
}
