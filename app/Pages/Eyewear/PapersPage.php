<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotFile;
use App\Text\Days;
use App\Text\LotWords;
use App\Text\Numbers;
use BackedEnum;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use KeenShadow\Core\Eyewear\Question;
use KeenShadow\Core\Rules\Verdict;

/** What was answered about a lot, and the files that belong to it. */
final readonly class PapersPage
{
    /**
     * @param array<string, string> $answers by question
     * @param Collection<int, LotFile> $files
     */
    private function __construct(
        public Lot $lot,
        public Verdict $verdict,
        public array $answers,
        public Collection $files,
    ) {}

    public static function of(Lot $lot, DateTimeImmutable $useOn): self
    {
        $answers = [
            __('What it is') => LotWords::kind($lot->kind),
            __('Where it came from') => $lot->supplier === null ? LotWords::answer($lot->origin) : "{$lot->supplier->name}, " . LotWords::answer($lot->supplier->standing),
        ];
        foreach ($lot->kind->questions() as $question) {
            $answers[LotWords::question($question)] = self::answer($lot, $question);
        }

        return new self($lot, $lot->verdict($useOn), $answers, $lot->files()->with('stored:sha256,media_type,bytes')->get());
    }

    public function kilobytes(LotFile $file): string
    {
        return Numbers::decimal(ceil($file->stored->bytes / 1024), 0);
    }

    private static function answer(Lot $lot, Question $question): string
    {
        $answer = $lot->getAttribute($question->value);

        return match (true) {
            $answer instanceof DateTimeImmutable => Days::full($answer),
            is_float($answer) => Numbers::decimal($answer, fmod($answer, 1.0) === 0.0 ? 0 : 1),
            $answer instanceof BackedEnum => LotWords::options($question)[$answer->value] ?? '–',
            default => '–',
        };
    }
}
