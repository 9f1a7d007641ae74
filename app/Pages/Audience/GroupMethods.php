<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Models\Audience\AudienceGroup;
use App\Text\AudienceWords;
use App\Text\Days;
use DateTimeImmutable;
use KeenShadow\Core\Audience\Methods\Advice;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Methods\Reason;
use KeenShadow\Core\Rules\Answer;

/** The methods for one group, in words. */
final readonly class GroupMethods
{
    /**
     * @param list<array{method: Method, name: string, isChosen: bool, answer: Answer|null, for: list<string>, against: list<string>, byWhen: string}> $methods that may be, the best first
     * @param list<array{method: Method, name: string, isChosen: bool, answer: Answer|null}> $refused by the rule book
     * @param string $withoutGlasses the best of what is left when no glasses are to be had, and by when to begin
     */
    private function __construct(
        public AudienceGroup $group,
        public string $who,
        public array $methods,
        public array $refused,
        public string $withoutGlasses,
    ) {}

    /**
     * @param list<Advice> $advice
     * @param list<Advice> $left without glasses
     */
    public static function of(AudienceGroup $group, array $advice, array $left, DateTimeImmutable $on): self
    {
        return new self(
            $group,
            trans_choice('{1} 1 person, :band|[2,*] :count people, :band', $group->people, ['band' => AudienceWords::band($group->band)]),
            array_map(static fn(Advice $a): array => [
                'method' => $a->method,
                'name' => AudienceWords::method($a->method),
                'isChosen' => $group->methods->contains($a->method),
                'answer' => $a->answer,
                'for' => self::words($a->reasons, true),
                'against' => self::words($a->reasons, false),
                'byWhen' => self::byWhen($a, $on),
            ], array_values(array_filter($advice, static fn(Advice $a): bool => !$a->isRefused()))),
            array_map(static fn(Advice $a): array => ['method' => $a->method, 'name' => AudienceWords::method($a->method), 'isChosen' => $group->methods->contains($a->method), 'answer' => $a->answer], array_values(array_filter($advice, static fn(Advice $a): bool => $a->isRefused()))),
            implode('; ', array_map(static fn(Advice $a): string => AudienceWords::method($a->method) . ', ' . self::byWhen($a, $on), array_slice($left, 0, 2))),
        );
    }

    private static function byWhen(Advice $advice, DateTimeImmutable $on): string
    {
        return match (true) {
            $advice->getDaysAhead === null => __('at hand'),
            $advice->has(Reason::NotInTime) => __('too late'),
            $advice->getDaysAhead === 0 => __('on the day'),
            default => __('ordered or built by :day', ['day' => Days::full($on->modify("-{$advice->getDaysAhead} days"))]),
        };
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<string>
     */
    private static function words(array $reasons, bool $isFor): array
    {
        return array_map(static fn(Reason $r): string => __($r->words()), array_values(array_filter($reasons, static fn(Reason $r): bool => $r->isFor() === $isFor)));
    }
}
