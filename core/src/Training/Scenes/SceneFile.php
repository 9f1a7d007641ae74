<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Scenes;

use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Rules\RulesException;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\TrainingException;

/**
 * Scenes as data, which an educator can edit (docs/FORMATS.md): read whole, and held against the rule book. What a scene calls right the book does
 * not refuse, and what it calls wrong the book does not allow outright.
 */
final class SceneFile
{
    private const PATH = __DIR__ . '/../../../data/scenes.json';
    /** What may be seen in the yard. */
    public const PICTURE = [
        'sun' => ['partial', 'total', 'clouded'],
        'eyes' => ['glasses', 'bare', 'helmet', 'image', 'queue', 'at_eyepiece', 'away', 'danger'],
        'telescope' => ['none', 'filter', 'bare', 'capped', 'projects'],
    ];

    /**
     * @return list<Scene> those that come with the program
     *
     * @throws TrainingException
     */
    public static function own(RuleBook $book): array
    {
        $given = json_decode((string) file_get_contents(self::PATH), true, 32, JSON_THROW_ON_ERROR);

        return self::read(is_array($given) ? $given : [], $book);
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return list<Scene>
     *
     * @throws TrainingException naming the place in the file
     */
    public static function read(array $given, RuleBook $book): array
    {
        return array_map(static fn(mixed $scene, int|string $i): Scene => self::scene(self::record($scene, "[{$i}]"), "[{$i}]", $book), array_values($given), array_keys(array_values($given)));
    }

    /** @param array<array-key, mixed> $scene */
    private static function scene(array $scene, string $path, RuleBook $book): Scene
    {
        $nodes = self::record($scene['nodes'] ?? null, "{$path}.nodes");
        $ids = array_map(strval(...), array_keys($nodes));
        $moments = [];
        foreach ($nodes as $id => $node) {
            $moments[(string) $id] = self::moment((string) $id, self::record($node, "{$path}.nodes.{$id}"), "{$path}.nodes.{$id}", $ids, $book);
        }
        $for = array_map(static fn(mixed $duty): Duty => (is_string($duty) ? Duty::tryFrom($duty) : null) ?? throw TrainingException::notOneOf("{$path}.for", is_string($duty) ? $duty : ''), array_values(self::record($scene['for'] ?? null, "{$path}.for")));

        return new Scene(self::text($scene, 'id', $path), self::text($scene, 'title', $path), $for, self::known(self::text($scene, 'start', $path), "{$path}.start", $ids), $moments);
    }

    /**
     * @param array<array-key, mixed> $node
     * @param list<string> $ids of all moments
     */
    private static function moment(string $id, array $node, string $path, array $ids, RuleBook $book): Moment
    {
        $text = self::text($node, 'text', $path);
        $picture = self::picture(self::record($node['picture'] ?? null, "{$path}.picture"), "{$path}.picture");
        if (isset($node['ends'])) {
            $ending = is_string($node['ends']) ? Ending::tryFrom($node['ends']) : null;

            return new Moment($id, $text, 0, null, [], $ending ?? throw TrainingException::notOneOf("{$path}.ends", ''), $picture);
        }
        $options = [];
        foreach (array_values(self::record($node['choices'] ?? null, "{$path}.choices")) as $i => $choice) {
            $options[] = self::option(self::record($choice, "{$path}.choices[{$i}]"), "{$path}.choices[{$i}]", $ids, $book);
        }
        $seconds = $node['seconds'] ?? null;

        return new Moment($id, $text, is_int($seconds) && $seconds > 0 ? $seconds : throw TrainingException::missing("{$path}.seconds"), self::known(self::text($node, 'late', $path), "{$path}.late", $ids), $options, null, $picture);
    }

    /**
     * @param array<array-key, mixed> $choice
     * @param list<string> $ids of all moments
     */
    private static function option(array $choice, string $path, array $ids, RuleBook $book): Option
    {
        $rule = self::text($choice, 'rule', $path);
        if (!in_array($rule, array_column($book->rules, 'id'), true)) {
            throw TrainingException::noSuchRule("{$path}.rule", $rule);
        }
        $isRight = $choice['right'] ?? null;
        if (!is_bool($isRight)) {
            throw TrainingException::missing("{$path}.right");
        }
        try {
            $situation = isset($choice['situation']) ? Situation::of(self::record($choice['situation'], "{$path}.situation")) : null;
        } catch (RulesException $e) {
            throw TrainingException::notOneOf("{$path}.situation", $e->field);
        }
        if ($situation !== null) {
            $answer = $book->ask($situation);
            match (true) {
                $isRight && $answer->permission === Permission::No => throw TrainingException::praisesWhatIsForbidden($path, $answer->rules[0]->id ?? ''),
                !$isRight && $answer->permission === Permission::Yes => throw TrainingException::blamesWhatIsAllowed($path),
                default => null,
            };
        }

        return new Option(self::text($choice, 'words', $path), self::known(self::text($choice, 'to', $path), "{$path}.to", $ids), $isRight, $rule, $situation);
    }

    /**
     * @param array<array-key, mixed> $picture
     *
     * @return array<string, string>
     */
    private static function picture(array $picture, string $path): array
    {
        $seen = [];
        foreach (self::PICTURE as $part => $words) {
            $word = self::text($picture, $part, $path);
            $seen[$part] = in_array($word, $words, true) ? $word : throw TrainingException::notOneOf("{$path}.{$part}", $word);
        }

        return $seen;
    }

    /** @param list<string> $ids */
    private static function known(string $id, string $path, array $ids): string
    {
        return in_array($id, $ids, true) ? $id : throw TrainingException::leadsNowhere($path, $id);
    }

    /** @return array<array-key, mixed> */
    private static function record(mixed $value, string $path): array
    {
        return is_array($value) && $value !== [] ? $value : throw TrainingException::missing($path);
    }

    /** @param array<array-key, mixed> $from */
    private static function text(array $from, string $key, string $path): string
    {
        $text = $from[$key] ?? null;

        return is_string($text) && trim($text) !== '' ? $text : throw TrainingException::missing("{$path}.{$key}");
    }
}
