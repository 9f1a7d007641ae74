<?php

declare(strict_types=1);

namespace App\Domain\Training;

use App\Domain\Event\EventFacts;
use App\Models\Training\QueueCard;
use App\Text\Clock;
use App\Text\DayWords;
use App\Text\Durations;
use App\Text\Numbers;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalKind;

/** A site's own numbers, by the words that stand for them in braces. */
final class SiteNumbers
{
    /** Words that may stand in braces. */
    public const WORDS = ['place', 'percent', 'diameter', 'maximum', 'direction', 'c1', 'c2', 'c3', 'c4', 'length'];

    /** @return array<string, string> those that there are */
    public static function of(EventFacts $facts): array
    {
        $here = $facts->here;
        $clock = Clock::over($here);
        $best = $here->bestVisible();
        $numbers = [
            'place' => $facts->event->place_name,
            'percent' => Numbers::percent($best->obscuration()),
            'diameter' => Numbers::magnitude($best->magnitude()),
            'maximum' => $clock->second($best->time()),
            'direction' => DayWords::direction(Bearing::ofSun($best)),
        ];
        foreach (self::contacts($facts) as $contact) {
            $numbers += [strtolower($contact->name->value) => $clock->second($contact->time())];
        }
        $seconds = $facts->filtersByPlace()->mayComeOff() ? $here->circumstances->durationSeconds() : null;

        return $numbers + ($seconds === null ? [] : ['length' => Durations::toTheSecond($seconds)]);
    }

    /** @return list<Contact> that families are told of: with the Sun up, and of totality only where it is sure enough for filters to come off */
    public static function contacts(EventFacts $facts): array
    {
        $c = $facts->here->circumstances;
        $isTold = $c->kind !== LocalKind::Total || $facts->filtersByPlace()->mayComeOff();

        return array_values(array_filter($c->contacts(), static fn(Contact $contact): bool => $contact->view->isSunUp() && ($isTold || !in_array($contact->name, [ContactName::C2, ContactName::C3], true))));
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
