<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Plan;
use KeenShadow\Core\Photo\Programme\Finder;
use KeenShadow\Core\Photo\Programme\Wanted;
use KeenShadow\Core\Photo\ShutterStep;
use KeenShadow\Core\Photo\When;
use KeenShadow\Core\Rules\Book\Standard;

/** What is said of photographs. */
final class PhotoWords
{
    /** From here on an exposure is written as a decimal number. */
    private const DECIMAL_S = 0.29;

    /** @return array<string, string> what holds at every camera, in the book's words, by the id of the rule */
    public static function cautions(): array
    {
        $rule = Standard::book()->rule(...);

        return array_map(RuleWords::sentence(...), [
            'sensor-only' => $rule('sensor-only')->do,
            'no-sighting' => $rule('no-sighting')->statement,
            'display' => $rule('display')->do,
            'bare-optics' => $rule('bare-optics')->statement,
        ]);
    }

    /** What speaks against a plan; null where nothing does. */
    public static function warning(Plan $plan): ?string
    {
        return match (true) {
            !$plan->isTooMuch() => null,
            $plan->totalityS > 0.0 => (string) __('The shots take :shots s of :totality s of totality, more than half: leave some out, and look up.', ['shots' => round($plan->shotsS(), 1), 'totality' => $plan->totalityS]),
            default => (string) __('There is no totality here: the filter stays on, and none of these shots can be taken.'),
        };
    }

    public static function phase(Phase $phase): string
    {
        return match ($phase) {
            Phase::Partial => __('Partial, filter on'),
            Phase::Beads => __('Beads of light'),
            Phase::Chromosphere => __('Chromosphere'),
            Phase::Prominences => __('Prominences'),
            default => __('Corona at :r radii', ['r' => self::radii($phase)]),
        };
    }

    /** What is wanted, in a few words: "Corona at 0.1 to 4 radii". */
    public static function wanted(Phase $from, ?Phase $to): string
    {
        $isCorona = static fn(?Phase $phase): bool => $phase !== null && str_starts_with($phase->value, 'corona');

        return match (true) {
            $to === null || $to === $from => self::phase($from),
            $isCorona($from) && $isCorona($to) => __('Corona at :from to :to radii', ['from' => self::radii($from), 'to' => self::radii($to)]),
            default => __(':from to :to', ['from' => self::phase($from), 'to' => mb_lcfirst(self::phase($to))]),
        };
    }

    public static function nameOf(Wanted $wanted): string
    {
        return $wanted->name === '' ? self::wanted($wanted->from, $wanted->to) : $wanted->name;
    }

    public static function when(When $when): string
    {
        return match ($when) {
            When::First => __('first'),
            When::Between => __('between'),
            When::Last => __('last'),
        };
    }

    public static function finder(Finder $finder): string
    {
        return match ($finder) {
            Finder::None => __('none: display only'),
            Finder::Removed => __('taken off'),
            Finder::CappedBoth => __('capped at both ends'),
            Finder::CappedFront => __('capped at the front only'),
            Finder::Open => __('open'),
            Finder::ThroughLens => __('open, and looks through the lens (reflex camera)'),
        };
    }

    /** As long as it is: "1/3640 s", "0.45 s". */
    public static function seconds(float $seconds): string
    {
        return $seconds < self::DECIMAL_S ? __('1/:n s', ['n' => Numbers::about(1 / $seconds, 3)]) : __(':s s', ['s' => Numbers::about($seconds, 2)]);
    }

    /** Of what is done again and again: "5 min", "90 s". */
    public static function every(float $seconds): string
    {
        return fmod($seconds, 60.0) === 0.0 ? Durations::toTheMinute($seconds) : __(':s s', ['s' => Numbers::decimal($seconds)]);
    }

    public static function step(ShutterStep $step): string
    {
        return __(':step s', ['step' => $step->name]);
    }

    /** What is wrong with a field of a form, which has its name beside it. */
    public static function refused(PhotoException $e): string
    {
        $values = array_map(static fn(string|int|float|array $value): string => is_array($value) ? implode(', ', $value) : (string) $value, $e->values);

        return match ($e->reason) {
            'missing' => __('This is missing.'),
            'not_a_number', 'not_two', 'not_width_and_height' => __('Write a number.'),
            'not_whole' => __('Write a whole number.'),
            'out_of_range' => __('From :least to :most.', $values),
            'not_one_of' => __('Choose from the list.'),
            'reversed' => __('The most is less than the least.'),
            'beyond_the_kit' => __('This camera and lens go from :least to :most.', $values),
            'too_many_exposures' => __('These are more than :most exposures: take wider steps, or fewer of each.', $values),
            'not_a_text' => __('At most :most letters.', $values),
            default => Refusals::words($e),
        };
    }

    private static function radii(Phase $phase): string
    {
        return str_replace('_', '.', substr($phase->value, strlen('corona_')));
    }
}
