<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Logbook\AfterTask;

/** What is done after an eclipse. */
final class AfterWords
{
    public static function task(AfterTask $task): string
    {
        return match ($task) {
            AfterTask::CountGlasses => __('Count the glasses back, by group and lot'),
            AfterTask::DestroyDamaged => __('Cut through the lenses of what is damaged'),
            AfterTask::StoreGlasses => __('Store what is whole: flat, dry and dark'),
            AfterTask::CapInstruments => __('Cap the instruments, take filters off only in the shade, and look them over'),
            AfterTask::TellSymptoms => __('Tell everybody what to watch for in their eyes for two days, and whom to tell'),
            AfterTask::ReadLoggers => __('Read the loggers out, and compare their clocks before they are stopped'),
            AfterTask::TypeSheets => __('Type the sheets of paper'),
            AfterTask::CollectPictures => __('Collect the pictures, with leave of whoever is on them'),
            AfterTask::WriteReport => __('Write the report, with what to do better'),
            AfterTask::GiveData => __('Give the data to whoever asked for it'),
            AfterTask::ThankCrew => __('Thank the crew, and ask them what to do better'),
        };
    }

    /** @return list<string> common practice */
    public static function storage(): array
    {
        return [
            __('Flat, between stiff card, nothing heavy on it: a crease in a film lets light through.'),
            __('Dry and dark, at room temperature; never in a car or on a sill.'),
            __('No cleaner, no alcohol: dust is blown off or wiped with a dry soft cloth.'),
            __('Each lot in its own box, with its label, its papers and the date.'),
            __('Damaged ones are cut through the lenses and thrown away at once, so that nobody finds them.'),
        ];
    }

    /** @return list<string> before the next eclipse */
    public static function before(): array
    {
        return [
            __('Every pair is looked over again, held against a lamp: a scratch comes in a moment.'),
            __('The date printed on them, and what the register says of the supplier by then.'),
            __('Front filters of instruments, their tape and their fit; the fingers of a mount; batteries.'),
            __('Viewers: foil without a second hole, tape that holds, a screen that is still white.'),
        ];
    }
}
