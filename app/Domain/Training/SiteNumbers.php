<?php

declare(strict_types=1);

namespace App\Domain\Training;

use App\Domain\Event\EventFacts;
use App\Models\Training\QueueCard;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Sky\ContactName;

/** A site's own numbers, by the words that stand for them in braces. */
final class SiteNumbers
{
    /** Width of a fist at arm's length (common practice). */
    private const FIST_DEG = 10.0;

    /** Words that may stand in braces. */
    public const WORDS = ['place', 'percent', 'diameter', 'maximum', 'direction', 'altitude', 'fists', 'c1', 'c2', 'c3', 'c4', 'length'];

    /** @return array<string, string> those that there are */
    public static function of(EventFacts $facts): array
    {
        $here = $facts->here;
        $c = $here->circumstances;
        $clock = Clock::over($here);
        $best = $here->bestVisible();
        $numbers = [
            'place' => $facts->event->place_name,
            'percent' => Numbers::percent($best->obscuration()),
            'diameter' => Numbers::magnitude($best->magnitude()),
            'maximum' => $clock->second($best->time()),
            'direction' => SkyWords::compass($best->azimuthDeg()),
            'altitude' => Angles::degrees(max(0.0, $best->altitudeDeg()), 0),
            'fists' => Numbers::decimal(max(0.0, $best->altitudeDeg()) / self::FIST_DEG, 1),
        ];
        foreach (['c1' => ContactName::C1, 'c2' => ContactName::C2, 'c3' => ContactName::C3, 'c4' => ContactName::C4] as $word => $name) {
            $contact = $c->contact($name);
            $numbers += $contact === null || !$contact->view->isSunUp() || ($word === 'c2' || $word === 'c3') && !$facts->filters()->mayComeOff() ? [] : [$word => $clock->second($contact->time())];
        }
        $seconds = $c->durationSeconds();

        return $numbers + ($seconds === null || !$facts->filters()->mayComeOff() ? [] : ['length' => Durations::toTheSecond($seconds)]);
    }

    /**
     * @param array<string, string> $numbers
     *
     * @return array{question: string, answer: string}|null null where it asks for a number that there is not here
     */
    public static function onCard(QueueCard $card, array $numbers): ?array
    {
        [$question, $answer] = [self::filled($card->question, $numbers), self::filled($card->answer, $numbers)];

        return $question === null || $answer === null ? null : ['question' => $question, 'answer' => $answer];
    }

    /** @param array<string, string> $numbers */
    private static function filled(string $text, array $numbers): ?string
    {
        $filled = strtr($text, array_combine(array_map(static fn(string $word): string => "{{$word}}", array_keys($numbers)), $numbers));

        return preg_match('/\{[a-z0-9]+\}/', $filled) === 1 ? null : $filled;
    }

    /** @return list<string> words in braces that no site has a number for */
    public static function unknownIn(string $text): array
    {
        preg_match_all('/\{([^{}]*)\}/', $text, $found);

        return array_values(array_diff($found[1], self::WORDS));
    }
}
