<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Domain\Training\NewResult;
use App\Text\TrainingWords;
use KeenShadow\Core\Training\Record\Attempt;
use KeenShadow\Core\Training\Record\Exercise;
use KeenShadow\Core\Training\Record\Judge;

/** What is said of an exercise once it is done, of those that need more than right or wrong. */
final class ResultWords
{
    /**
     * @param list<NewResult> $results
     *
     * @return array<string, list<string>> by UUID
     */
    public static function of(array $results, Judge $judge): array
    {
        $words = [];
        foreach ($results as $new) {
            $attempt = new Attempt($new->exercise, $new->about, $new->given, $new->doneAt->toDateTimeImmutable(), $new->duty);
            $tray = $new->exercise === Exercise::Lenses ? $judge->tray($attempt) : null;
            if ($tray !== null) {
                $words[$new->uuid] = [TrainingWords::tray($tray)];
            } elseif ($new->exercise === Exercise::Drill) {
                $words[$new->uuid] = TrainingWords::drill($judge->drill($attempt));
            }
        }

        return $words;
    }
}
