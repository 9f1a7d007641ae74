<?php

declare(strict_types=1);

namespace App\Console\Commands\Rules;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Text\Refusals;
use App\Text\RuleWords;
use Illuminate\Console\Command;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Change;
use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\RulesException;
use KeenShadow\Core\Rules\Situation;
use stdClass;

/**
 * Asks the rule book about situations, one JSON object a line; needs no database. A line that makes no sense gives a line
 * with its error, the others are still answered, and the exit status is 1. See docs/FORMATS.md.
 */
final class RulesAsk extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'rules:ask
        {situations : file of JSON Lines; - reads standard input}';

    protected $description = 'What the rule book says of situations, as JSON Lines';

    public function handle(): int
    {
        $path = $this->argument('situations');
        $file = @fopen($path === '-' ? 'php://stdin' : $path, 'r');
        if ($file === false) {
            return $this->refuse(__('The file :path cannot be read.', ['path' => $path]));
        }
        $book = Standard::book();
        $status = self::SUCCESS;
        for ($number = 1; ($line = fgets($file)) !== false; ++$number) {
            $parts = json_decode($number === 1 ? (string) preg_replace('/^\xEF\xBB\xBF/', '', $line) : $line, false, 8);
            $parts = $parts instanceof stdClass ? (array) $parts : null;
            $id = $parts['id'] ?? null;
            try {
                if ($parts === null || $id !== null && !is_string($id)) {
                    throw RulesException::notAnObject($number);
                }
                $record = ['id' => $id] + self::record($book->ask(Situation::of(array_diff_key($parts, ['id' => true]))));
            } catch (RulesException $e) {
                $record = ['id' => is_string($id) ? $id : null, 'line' => $number, 'error' => Refusals::words($e)];
                $status = self::FAILURE;
            }
            $this->writeRecord($record);
        }

        return $status;
    }

    /** @return array<string, mixed> */
    private static function record(Answer $answer): array
    {
        return [
            'verdict' => $answer->permission->value,
            'conditions' => array_map(RuleWords::sentence(...), $answer->conditions),
            'rules' => array_map(static fn(Rule $rule): string => $rule->id, $answer->rules),
            'dangers' => array_map(static fn(Danger $danger): string => $danger->value, $answer->dangers),
            'do' => RuleWords::sentence($answer->do),
            'mend' => array_map(static fn(Change $change): array => [$change->part->value, $change->to], $answer->mend),
        ];
    }
}
