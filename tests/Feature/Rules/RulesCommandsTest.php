<?php

declare(strict_types=1);

namespace Tests\Feature\Rules;

use KeenShadow\Core\Rules\Book\Standard;
use Tests\Feature\Sky\CommandTestCase;

/** rules:ask and rules:list, run as people run them, with no database. */
final class RulesCommandsTest extends CommandTestCase
{
    public function testOneAnswerALineInOrder(): void
    {
        $run = $this->artisan(['rules:ask', '-'], implode("\n", [
            '{"id":"a","look":"direct","phase":"partial","filter":"sunglasses"}',
            '{"look":"pinhole_screen","instrument":"none","person":"young_child"}',
            '{"id":"c","look":"direct","filter":"welding","shade":12,"stacked":null}',
            '{"id":"d"}',
        ]) . "\n");

        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        [$sunglasses, $box, $welding, $nothing] = $this->records($run);
        self::assertSame(['id', 'verdict', 'conditions', 'rules', 'dangers', 'do', 'mend'], array_keys($sunglasses));
        self::assertSame(['a', 'no', [], ['retina'], [['filter', 'eclipse_glasses']]], [$sunglasses['id'], $sunglasses['verdict'], $sunglasses['conditions'], $sunglasses['dangers'], $sunglasses['mend']]);
        self::assertSame([null, 'yes', []], [$box['id'], $box['verdict'], $box['dangers']]);
        self::assertSame(['c', 'no', [['shade', 14]]], [$welding['id'], $welding['verdict'], $welding['mend']]);
        self::assertSame(['d', 'no'], [$nothing['id'], $nothing['verdict']]);
        self::assertStringEndsWith('?', self::text($nothing, 'do'));
    }

    public function testALineThatMakesNoSenseIsToldAndTheOthersAreAnswered(): void
    {
        $lines = [
            '{"id":"a","look":"sideways"}', '{"id":"b","colour":"red"}', '{"id":"c","free_totality":true}', '{"id":"d","guarded":"yes"}', '{"id":"e","shade":"14"}', '{"id":"f","shade":1e999}',
            '{"id":"g","flaw":"hole"}', '{"id":"h","flaw":["dent"]}', '{"id":7}', '', '[]', 'null', '{"look":', "{\"look\":\"\xFF\"}", '{"id":"o","flaw":[],"look":null}',
        ];
        $run = $this->artisan(['rules:ask', '-'], "\u{FEFF}" . implode("\r\n", $lines));

        self::assertSame(1, $run->getExitCode());
        $records = $this->records($run);
        self::assertCount(count($lines), $records);
        foreach (array_slice($records, 0, -1) as $i => $record) {
            self::assertSame(['id', 'line', 'error'], array_keys($record));
            self::assertSame($i + 1, $record['line']);
            self::assertNotSame('', self::text($record, 'error'));
        }
        self::assertSame(['a', 'o'], [$records[0]['id'], $records[14]['id']]);
        self::assertStringContainsString('through_optics', self::text($records[0], 'error'));
        self::assertStringContainsString('no part "colour"', self::text($records[1], 'error'));
        self::assertSame('no', $records[14]['verdict']);
        self::assertSame(2, $this->artisan(['rules:ask', 'nowhere.jsonl'])->getExitCode());
    }

    public function testTheWholeBook(): void
    {
        $run = $this->artisan(['rules:list', '--json']);
        self::assertSame(0, $run->getExitCode());
        /** @var list<array<string, mixed>> $rules */
        $rules = json_decode($run->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(array_column(Standard::book()->rules, 'id'), array_column($rules, 'id'));
        foreach ($rules as $rule) {
            foreach (['statement', 'reason', 'do', 'source', 'strength'] as $told) {
                self::assertNotSame('', self::text($rule, $told));
            }
        }
        self::assertSame(['shade' => ['least' => 14]], array_column($rules, 'needs', 'id')['welding-shade']);
        $text = $this->artisan(['rules:list'])->getOutput();
        self::assertStringContainsString("sunglasses · no\n    Sunglasses are no filter for the Sun, neither one pair nor several.\n    Why: ", $text);
        self::assertStringContainsString('Where schools differ: Shade 14 or darker', $text);
    }
}
