<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Domain\Photo\EventCameras;
use App\Domain\Site\EventPlan;
use App\Drawings\Photo\ShotLane;
use App\Models\Event;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Models\RunSheet\Helper;
use App\Pages\Event\EventFrame;
use App\Text\KitWords;
use App\Text\PhotoWords;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\Programme\Finder;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;
use KeenShadow\Core\Photo\When;
use KeenShadow\Core\Site\Plan\Thing;

/** A camera's plan: the form and what comes of it. */
final readonly class PlanPage
{
    private const BLANK_ROWS = 2;
    private const USUAL = ['f_number' => 8, 'iso' => 200, 'iso_filtered' => 100, 'hand_s' => 4, 'interval_s' => 300, 'cloud_stops' => 0, 'corona_radii' => 2, 'roll_deg' => 0, 'drift_px' => 2, 'clear_s' => 40];
    /** The dearest first. */
    private const USUAL_WISHES = [
        ['from' => 'beads', 'to' => '', 'step_stops' => 1, 'frames' => 5, 'when' => 'first', 'pause_s' => 0],
        ['from' => 'corona_0_1', 'to' => 'corona_2', 'step_stops' => 2, 'frames' => 1, 'when' => 'between', 'pause_s' => 2],
        ['from' => 'prominences', 'to' => '', 'step_stops' => 1, 'frames' => 2, 'when' => 'between', 'pause_s' => 0],
        ['from' => 'beads', 'to' => '', 'step_stops' => 1, 'frames' => 5, 'when' => 'last', 'pause_s' => 0],
    ];

    /**
     * @param array<string, string> $values of the form by the name of the field
     * @param list<array<string, string>> $wishes rows of the form, the last of them blank
     * @param array<string, array<array-key, string>> $choices words by the value, by the name of the field
     * @param list<string> $helpers names that may be chosen
     * @param PlanAnswer|null $answer null before there is a camera
     */
    private function __construct(
        public PhotoPlan $plan,
        public string $title,
        public array $values,
        public array $wishes,
        public array $choices,
        public array $helpers,
        public ?PlanAnswer $answer,
        public ?ShotLane $lane,
        public bool $hasKit,
    ) {}

    public static function blank(EventFrame $frame): self
    {
        return self::make(new PhotoPlan(['name' => '', 'event_id' => $frame->event->id]), self::USUAL + ['wanted' => self::USUAL_WISHES], $frame, null, null);
    }

    public static function of(PhotoPlan $plan, EventFrame $frame, EventCameras $cameras): self
    {
        $worked = $cameras->of($plan);

        return self::make($plan, $plan->programme, $frame, PlanAnswer::of($worked, $frame->clock), ShotLane::of($plan->name, $worked, $frame->ribbon->begin, $frame->ribbon->end));
    }

    /** @param array<string, mixed> $programme */
    private static function make(PhotoPlan $plan, array $programme, EventFrame $frame, ?PlanAnswer $answer, ?ShotLane $lane): self
    {
        $values = ['name' => $plan->name, 'finder' => self::plain($programme['finder'] ?? ''), 'watched_by' => self::plain($programme['watched_by'] ?? ''), 'place' => self::plain($programme['place'] ?? '')];
        foreach (ProgrammeRecord::NUMBERS as $measure) {
            $values[$measure->value] = self::plain($programme[$measure->value]);
        }
        foreach (PhotoPlan::KIT as $part) {
            $values["{$part}_id"] = self::plain($plan->getAttribute("{$part}_id"));
        }

        return new self(
            plan: $plan,
            title: $plan->name === '' ? __('Another camera') : $plan->name,
            values: $values,
            wishes: self::wishes((array) $programme['wanted']),
            choices: self::choices($plan, $frame->event),
            helpers: array_values($frame->event->helpers()->orderBy('name')->get()->map(static fn(Helper $helper): string => $helper->name)->all()),
            answer: $answer,
            lane: $lane,
            hasKit: $plan->exists || KitItem::ofOrganisation($frame->event->organisation_id)->where('kind', KitKind::Camera)->exists(),
        );
    }

    /**
     * @param array<array-key, mixed> $wanted
     *
     * @return list<array<string, string>>
     */
    private static function wishes(array $wanted): array
    {
        $rows = array_map(static fn(mixed $wish, int $i): array => ['rank' => (string) ($i + 1)] + array_map(self::plain(...), (array) $wish) + ['name' => '', 'to' => ''], array_values($wanted), array_keys(array_values($wanted)));
        $blank = ['name' => '', 'from' => '', 'to' => '', Measure::Step->value => '1', Measure::Frames->value => '1', 'when' => When::Between->value, Measure::Pause->value => '0'];
        for ($i = 0; $i < self::BLANK_ROWS; ++$i) {
            $rows[] = ['rank' => (string) (count($rows) + 1)] + $blank;
        }

        /** @var list<array<string, string>> $rows */
        return $rows;
    }

    /** @return array<string, array<array-key, string>> */
    private static function choices(PhotoPlan $plan, Event $event): array
    {
        $choices = array_fill_keys(array_map(static fn(string $part): string => "{$part}_id", PhotoPlan::KIT), []);
        $kit = KitItem::ofOrganisation($event->organisation_id)->withTrashed()->get();
        foreach ($kit as $item) {
            $field = "{$item->kind->value}_id";
            if (!$item->trashed() || $plan->getAttribute($field) === $item->id) {
                $choices[$field][$item->id] = $item->name . ($item->trashed() ? ' ' . __('(removed)') : '');
            }
        }
        $phases = [];
        foreach (array_filter(Phase::cases(), static fn(Phase $phase): bool => $phase !== Phase::Partial) as $phase) {
            $phases[$phase->value] = PhotoWords::phase($phase);
        }

        return $choices + [
            'finder' => array_column(array_map(static fn(Finder $finder): array => [$finder->value, PhotoWords::finder($finder)], Finder::cases()), 1, 0),
            'place' => array_column(array_map(static fn(Thing $thing): array => [$thing->name, $thing->name], EventPlan::of($event)->plan()->places()), 1, 0),
            'from' => $phases,
            'when' => array_column(array_map(static fn(When $when): array => [$when->value, PhotoWords::when($when)], When::cases()), 1, 0),
        ];
    }

    private static function plain(mixed $value): string
    {
        return match (true) {
            is_float($value) => KitWords::plain($value),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
