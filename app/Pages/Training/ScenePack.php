<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Text\RuleWords;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Training\Scenes\Moment;
use KeenShadow\Core\Training\Scenes\Option;
use KeenShadow\Core\Training\Scenes\Scene;

/** A scene as a device plays it, with the rule behind each thing that may be done. */
final class ScenePack
{
    /** @return array{id: string, start: string, moments: array<string, array<string, mixed>>} */
    public static function of(Scene $scene): array
    {
        return ['id' => $scene->id, 'start' => $scene->start, 'moments' => array_map(static fn(Moment $moment): array => [
            'text' => __($moment->text),
            'seconds' => $moment->seconds,
            'late' => $moment->late,
            'ending' => $moment->ending?->value,
            'picture' => $moment->picture,
            'options' => array_map(static fn(Option $option): array => [
                'words' => __($option->words), 'to' => $option->to, 'right' => $option->isRight, 'rule' => $option->rule,
                'statement' => RuleWords::sentence(Standard::book()->rule($option->rule)->statement),
                'reason' => RuleWords::sentence(Standard::book()->rule($option->rule)->reason),
            ], $moment->options),
        ], $scene->moments)];
    }
}
