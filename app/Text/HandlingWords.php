<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Rules\Part;

/** What the rule book asks of a viewer with optics, as one chooses it in a form: unknown stays unknown. */
final class HandlingWords
{
    public static function label(Part $part): string
    {
        return match ($part) {
            Part::Instrument => __('What throws it'),
            Part::Eyepiece => __('Eyepiece'),
            Part::Finder => __('Finder'),
            Part::UnusedSide => __('Unused side of a binocular'),
            Part::Mounted => __('It stands'),
            Part::Attended => __('An adult of the crew at it all the time'),
            default => __('Somebody may come into the beam'),
        };
    }

    /**
     * @param list<string> $words of the rule book that it may be; none where it is true or false
     *
     * @return array<array-key, string> words by the value; blank is unknown
     */
    public static function options(array $words): array
    {
        $options = ['' => (string) __('not said yet')];
        foreach ($words as $word) {
            $options[$word] = self::word($word);
        }

        return $words === [] ? $options + ['1' => (string) __('yes'), '0' => (string) __('no')] : $options;
    }

    private static function word(string $word): string
    {
        return match ($word) {
            'refractor' => __('a small telescope with a lens'),
            'binocular' => __('one side of a binocular'),
            'newtonian' => __('a mirror telescope with an open tube'),
            'closed_mirror' => __('a mirror telescope with a closed tube'),
            'flat_mirror' => __('a flat mirror'),
            'curved_mirror' => __('a make-up or shaving mirror'),
            'uncemented' => __('simple, uncemented (Huygens, Ramsden)'),
            'cemented' => __('cemented'),
            'plastic' => __('with plastic parts'),
            'removed' => __('taken off'),
            'capped_both' => __('capped at both ends'),
            'capped_front' => __('capped in front only'),
            'open' => __('open'),
            'none' => __('there is none'),
            'capped' => __('capped'),
            'filtered' => __('with the same filter'),
            'through_lens' => __('looks through the lens'),
            'tripod' => __('on a tripod or stand'),
            default => __('in the hand'),
        };
    }
}
