<?php

declare(strict_types=1);

namespace App\Console\Commands\Rules;

use App\Text\RuleWords;
use Illuminate\Console\Command;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Condition;
use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Rule;
use Symfony\Component\Console\Output\OutputInterface;

/** The whole rule book, to be read or as JSON; needs no database. See docs/FORMATS.md. */
final class RulesList extends Command
{
    protected $signature = 'rules:list {--json : as one JSON list}';

    protected $description = 'All rules with statement, reason and source';

    public function handle(): int
    {
        $rules = Standard::book()->rules;
        $lines = $this->option('json')
            ? ['[', implode(",\n", array_map(static fn(Rule $rule): string => json_encode(self::record($rule), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), $rules)), ']']
            : array_map(self::words(...), $rules);
        $this->output->writeln($lines, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private static function words(Rule $rule): string
    {
        return implode("\n    ", [
            "{$rule->id} · {$rule->effect->value}",
            RuleWords::sentence($rule->statement),
            __('Why: :reason', ['reason' => RuleWords::sentence($rule->reason)]),
            __('Do: :do', ['do' => RuleWords::sentence($rule->do)]),
            __('Source: :source, :strength', ['source' => __($rule->source->value), 'strength' => __($rule->strength->value)]),
            ...($rule->disagreement === null ? [] : [__('Where schools differ: :choice', ['choice' => RuleWords::sentence($rule->disagreement->choice())])]),
        ]) . "\n";
    }

    /** @return array<string, mixed> */
    private static function record(Rule $rule): array
    {
        return [
            'id' => $rule->id,
            'verdict' => $rule->effect->value,
            'statement' => RuleWords::sentence($rule->statement),
            'applies_to' => (object) self::conditions($rule->where),
            'needs' => (object) self::conditions($rule->needs),
            'condition' => RuleWords::sentence($rule->condition),
            'reason' => RuleWords::sentence($rule->reason),
            'do' => RuleWords::sentence($rule->do),
            'dangers' => array_map(static fn(Danger $danger): string => $danger->value, $rule->dangers),
            'source' => $rule->source->value,
            'strength' => $rule->strength->value,
            'disagreement' => $rule->disagreement === null ? null : [
                'matter' => RuleWords::sentence($rule->disagreement->matter()),
                'schools' => array_map(RuleWords::sentence(...), $rule->disagreement->schools()),
                'choice' => RuleWords::sentence($rule->disagreement->choice()),
            ],
        ];
    }

    /**
     * @param list<Condition> $conditions
     *
     * @return array<string, mixed>
     */
    private static function conditions(array $conditions): array
    {
        $parts = [];
        foreach ($conditions as $condition) {
            $bounds = array_filter(['least' => $condition->least, 'most' => $condition->most, 'never' => $condition->never, 'unless' => $condition->unless], static fn(float|array|null $bound): bool => $bound !== null && $bound !== []);
            $parts[$condition->part->value] = $bounds === [] ? $condition->oneOf : $bounds;
        }

        return $parts;
    }
}
