<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use KeenShadow\Core\Eyewear\Measure\LightMeter;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\Sky\CommandTestCase;

/** The simulated devices speak their formats, and what they show is judged as what they stand for. */
final class StandInsTest extends CommandTestCase
{
    /** @param list<string> $fault */
    #[TestWith(['good', [], 0])]
    #[TestWith(['good', ['--step=10'], 0])]
    #[TestWith(['good', ['--fault=noise'], 0])]
    #[TestWith(['good', ['--fault=gap'], 3])]
    #[TestWith(['good', ['--fault=short'], 3])]
    #[TestWith(['good', ['--fault=micrometres'], 2])]
    #[TestWith(['fake', [], 1])]
    #[TestWith(['leaky', [], 1])]
    #[TestWith(['scratched', ['--fault=noise'], 1])]
    public function testAScanIsJudgedAsWhatItIs(string $sample, array $fault, int $status): void
    {
        $scan = $this->artisan(['devices:spectrophotometer', $sample, ...$fault]);
        self::assertSame(0, $scan->getExitCode(), $scan->getErrorOutput());
        self::assertSame($status, $this->artisan(['eyewear:scan', '-'], $scan->getOutput())->getExitCode());
    }

    #[TestWith(['good', '0.01', Outcome::Met])]
    #[TestWith(['good', '1', Outcome::Undecided])]
    #[TestWith(['fake', '1', Outcome::NotMet])]
    #[TestWith(['leaky', '0.01', Outcome::Met])]
    #[TestWith(['scratched', '0.1', Outcome::NotMet])]
    public function testReadingsAreJudgedAsWhatTheyShow(string $sample, string $resolution, Outcome $outcome): void
    {
        $lines = explode("\n", trim($this->artisan(['devices:light-meter', $sample, "--resolution={$resolution}"])->getOutput()));
        self::assertSame('place,lux', array_shift($lines));
        [$dark, $open, $behind] = array_map(static fn(string $line): float => (float) explode(',', $line)[1], $lines);
        self::assertSame($outcome, LightMeter::of($dark, $open, $behind, (float) $resolution, 4.0)->outcome(), 'leaky in infrared: a light meter does not see it');
    }

    public function testWhatDoesNotExistIsRefused(): void
    {
        foreach ([['devices:spectrophotometer', 'diamond'], ['devices:spectrophotometer', 'good', '--fault=fire'], ['devices:light-meter', 'good', '--resolution=0']] as $command) {
            $run = $this->artisan($command);
            self::assertSame([2, ''], [$run->getExitCode(), $run->getOutput()]);
            self::assertStringContainsString('Samples: good, fake, leaky, scratched', $run->getErrorOutput());
        }
    }
}
