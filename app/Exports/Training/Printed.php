<?php

declare(strict_types=1);

namespace App\Exports\Training;

use App\Domain\Event\RoundSpot;
use App\Domain\Training\Handout;
use App\Domain\Training\SiteNumbers;
use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Models\Training\QueueCard;
use App\Text\TrainingWords;

/** What is printed for families, groups and those who wait: black on white, nothing smaller than 11 pt. */
final class Printed
{
    private const CARDS_A_SHEET = 4;
    /** Seen from behind, left and right change places: a printer turns the sheet over its long edge. */
    private const BACKS = [1, 0, 3, 2];

    public static function handout(Handout $handout, HandoutPrint $print, SheetPaper $paper): string
    {
        [$width, $height] = $paper->sizeMm();

        return PlainPdf::of(view("training.handout-{$print->value}", ['handout' => $handout, 'pageMm' => $height / 2, 'heightMm' => $width])->render(), $paper->value, $print === HandoutPrint::Folded);
    }

    public static function letter(Handout $handout, string $organisation, SheetPaper $paper): string
    {
        return PlainPdf::of(view('training.letter', ['handout' => $handout, 'organisation' => $organisation])->render(), $paper->value);
    }

    /** @param list<RoundSpot> $spots one to a sheet */
    public static function signs(Handout $handout, array $spots, SheetPaper $paper): string
    {
        return PlainPdf::of(view('training.signs', ['handout' => $handout, 'spots' => $spots])->render(), $paper->value, true);
    }

    /** @param list<array{name: string, what: string, materials: list<string>, steps: list<string>}> $demonstrations */
    public static function demonstrations(string $title, array $demonstrations, SheetPaper $paper): string
    {
        return PlainPdf::of(view('training.demonstrations', ['title' => $title, 'demonstrations' => $demonstrations])->render(), $paper->value);
    }

    /**
     * @param list<array{name: string, tasks: array<string, array{isPassed: bool, lacking: list<string>}>}> $rows helpers
     * @param array<string, string> $tasks names of the duties by word
     * @param array<string, list<string>> $needs what each asks for
     * @param string $asOf the day on which it is worked out
     */
    public static function crew(string $title, array $rows, array $tasks, array $needs, string $asOf, SheetPaper $paper): string
    {
        return PlainPdf::of(view('training.crew-list', ['title' => $title, 'rows' => $rows, 'tasks' => $tasks, 'needs' => $needs, 'asOf' => $asOf])->render(), $paper->value);
    }

    /**
     * Fronts, then the backs that belong to them; a card that asks for a number that there is not here is left out.
     *
     * @param list<QueueCard> $cards
     * @param array<string, string> $numbers of the site
     */
    public static function queue(array $cards, array $numbers, SheetPaper $paper): string
    {
        [$width, $height] = $paper->sizeMm();
        $faces = [];
        foreach ($cards as $card) {
            $filled = SiteNumbers::onCard($card, $numbers);
            $faces = $filled === null ? $faces : [...$faces, [...$filled, 'needs' => TrainingWords::needs($card->needs)]];
        }

        return PlainPdf::of(view('training.queue', [
            'sheets' => array_chunk($faces, self::CARDS_A_SHEET),
            'backs' => self::BACKS,
            'places' => [[0, 0], [$width / 2, 0], [0, $height / 2], [$width / 2, $height / 2]],
            'widthMm' => $width / 2,
            'heightMm' => $height / 2,
        ])->render(), $paper->value);
    }
}
