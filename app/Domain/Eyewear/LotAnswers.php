<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use KeenShadow\Core\Eyewear\Darkening;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\MadeFor;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Question;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Eyewear\Wearer;

/** What may be answered about a lot, in a form or in a line of a table. */
final class LotAnswers
{
    /** What is told of every lot, whatever it is. */
    public const NEEDED = ['label', 'kind', 'pairs', 'origin'];

    /** @return list<string> columns of a table of lots, in their order */
    public static function columns(): array
    {
        return [...self::NEEDED, 'supplier', ...array_column(Question::cases(), 'value')];
    }

    /** @return array<string, list<mixed>> by field, of the questions that are asked of a kind */
    public static function rules(Kind $kind): array
    {
        $rules = [];
        foreach ($kind->questions() as $question) {
            $rules[$question->value] = [$question->mayBeBlank() ? 'nullable' : 'required', ...self::of($question)];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'expires_on.*' => __('Write the date as year-month-day, or leave it empty.'),
            'shade.*' => __('The shade is a number from 1 to 20; leave it empty where none is stamped.'),
            'lens_width_mm.*' => __('A lens is 10 to 300 mm wide; leave it empty if it was not measured.'),
            'lens_height_mm.*' => __('A lens is 10 to 300 mm high; leave it empty if it was not measured.'),
            'opening_mm.*' => __('The opening is 10 to 2000 mm wide; leave it empty if it was not measured.'),
            'required' => __('Answer this; "not sure" is an answer.'),
            Enum::class => __('Choose one of the answers.'),
        ];
    }

    /** @return list<mixed> */
    private static function of(Question $question): array
    {
        return match ($question) {
            Question::MakerName, Question::MakerAddress, Question::Instructions, Question::Warnings, Question::OverSpectacles, Question::BlocksSideLight => [Rule::enum(Stated::class)],
            Question::PrintedStandard => [Rule::enum(PrintedStandard::class)],
            Question::TestReport => [Rule::enum(TestReport::class)],
            Question::MadeFor => [Rule::enum(MadeFor::class)],
            Question::Darkening => [Rule::enum(Darkening::class)],
            Question::WornBy => [Rule::enum(Wearer::class)],
            Question::ExpiresOn => ['date_format:Y-m-d', 'after:1990-01-01', 'before:2200-01-01'],
            Question::Shade => ['numeric', 'between:1,20'],
            Question::LensWidth, Question::LensHeight => ['numeric', 'between:10,300'],
            Question::Opening => ['numeric', 'between:10,2000'],
        };
    }
}
