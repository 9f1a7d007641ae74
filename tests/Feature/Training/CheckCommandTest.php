<?php

declare(strict_types=1);

namespace Tests\Feature\Training;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\Sky\CommandTestCase;

/** training:check, run as people run it, with no database. */
final class CheckCommandTest extends CommandTestCase
{
    #[TestWith(['scenes.json', '7 scenes are in order.'])]
    #[TestWith(['steps.json', '4 orders of steps are in order.'])]
    public function testWhatComesWithTheProgramIsInOrder(string $file, string $words): void
    {
        $run = $this->artisan(['training:check', dirname(__DIR__, 3) . "/core/data/{$file}"], '');
        self::assertSame([0, $words], [$run->getExitCode(), trim($run->getOutput())], $run->getErrorOutput());
    }

    /** A scene that lets somebody look is refused at its place, with the rule. */
    public function testWhatTheRulesForbidIsRefused(): void
    {
        $scenes = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/core/data/scenes.json'), true);
        self::assertIsArray($scenes);
        self::assertIsArray($scenes[0]);
        $run = $this->artisan(['training:check', '-'], str_replace('"right":false,"rule":"sunglasses"', '"right":true,"rule":"sunglasses"', (string) json_encode([$scenes[0]])));
        self::assertSame(2, $run->getExitCode());
        self::assertStringContainsString('[0].nodes.offer.choices[2]: it is called right, and the rule “sunglasses” forbids it.', $run->getErrorOutput());
        self::assertSame('', $run->getOutput());
    }

    #[TestWith(['{}'])]
    #[TestWith(['[]'])]
    #[TestWith(['nonsense'])]
    #[TestWith(['[{"id":"a"}]'])]
    public function testNonsenseIsRefused(string $given): void
    {
        self::assertSame(2, $this->artisan(['training:check', '-'], $given)->getExitCode());
    }
}
