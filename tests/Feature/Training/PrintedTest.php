<?php

declare(strict_types=1);

namespace Tests\Feature\Training;

use App\Domain\Event\EventReader;
use App\Domain\Event\Rounds;
use App\Domain\Training\SiteNumbers;
use App\Models\Role;
use App\Models\Training\QueueCard;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is printed for families and those who wait, measured by an outside reader (poppler). */
final class PrintedTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const PT_PER_MM = 72 / 25.4;
    private const LEAST_PT = 11;

    /** @return iterable<string, array{string, list<string|null>, float, float, int, bool}> route, its parameters, width and height in mm, pages, whether a line of 100 mm is on it */
    public static function prints(): iterable
    {
        foreach (['a4' => [210.0, 297.0], 'letter' => [215.9, 279.4]] as $paper => [$width, $height]) {
            yield "folded {$paper}" => ['training.handout', ['folded', $paper], $height, $width, 2, true];
            yield "large {$paper}" => ['training.handout', ['large', $paper], $width, $height, 3, true];
            yield "plain {$paper}" => ['training.handout', ['plain', $paper], $width, $height, 1, true];
            yield "parents {$paper}" => ['training.letter', [$paper], $width, $height, 1, true];
            yield "signs {$paper}" => ['training.signs', [$paper], $height, $width, 1, false];
            yield "shown {$paper}" => ['training.demonstrations', [$paper], $width, $height, 1, true];
            yield "felt {$paper}" => ['audience.strip.sheet', [$paper], $width, $height, 1, true];
            yield "crew {$paper}" => ['training.crew.print', [$paper], $width, $height, 1, false];
            yield "queue {$paper}" => ['training.queue.print', [$paper], $width, $height, 6, false];
        }
    }

    /** @param list<string> $parameters */
    #[DataProvider('prints')]
    public function testPagesSizesLettersAndTheLineOf100Mm(string $route, array $parameters, float $widthMm, float $heightMm, int $pages, bool $hasLine): void
    {
        QueueCard::addUsual($this->event->organisation_id);
        $pdf = $this->pdf($route, $parameters);
        self::assertMatchesRegularExpression("/Pages:\\s+{$pages}\n/", self::read(['pdfinfo', '-'], $pdf));
        preg_match_all('/<page [^>]*height="(\d+)" width="(\d+)"/', $xml = self::fonts($pdf), $sizes, PREG_SET_ORDER);
        foreach ($sizes as [, $height, $width]) {
            self::assertEqualsWithDelta([$widthMm, $heightMm], [(int) $width / self::PT_PER_MM, (int) $height / self::PT_PER_MM], 0.4, 'this reader rounds down to points');
        }
        preg_match_all('/<fontspec [^>]*size="(\d+)"/', $xml, $fonts);
        self::assertNotSame([], $fonts[1]);
        self::assertGreaterThanOrEqual(self::LEAST_PT, min(array_map(intval(...), $fonts[1])));
        $lines = self::linesMm(self::read(['pdftocairo', '-svg', '-noshrink', '-f', (string) $pages, '-l', (string) $pages, '-', '-'], $pdf));
        self::assertSame($hasLine, array_filter($lines, static fn(float $mm): bool => abs($mm - 100.0) < 0.1) !== [], implode(' ', $lines));
        self::assertSame(['#000000'], array_values(array_unique(self::colours($xml))), 'black on white');
    }

    /** Turned over its long edge, what lies behind a question is its answer, in every corner of every sheet. */
    #[TestWith(['a4', 595, 842])]
    #[TestWith(['letter', 612, 792])]
    public function testAnAnswerLiesBehindItsQuestion(string $paper, int $width, int $height): void
    {
        foreach (range(1, 7) as $n) {
            QueueCard::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'question' => "Question {$n}", 'answer' => "Answer {$n}", 'needs' => $n % 2 === 0 ? 'clouded' : 'sunlight']);
        }
        $pdf = $this->pdf('training.queue.print', [$paper]);
        self::assertMatchesRegularExpression("/Pages:\\s+4\n/", self::read(['pdfinfo', '-'], $pdf));
        [$w, $h] = [intdiv($width, 2), intdiv($height, 2)];
        $corner = static fn(int $page, int $x, int $y): string => self::flat(self::read(['pdftotext', '-r', '72', '-f', (string) $page, '-l', (string) $page, '-x', (string) $x, '-y', (string) $y, '-W', (string) $w, '-H', (string) $h, '-', '-'], $pdf));
        $seen = [];
        foreach ([1, 3] as $page) {
            foreach ([[0, 0], [$w, 0], [0, $h], [$w, $h]] as [$x, $y]) {
                $front = $corner($page, $x, $y);
                $back = $corner($page + 1, $w - $x, $y);
                if ($front !== '') {
                    self::assertSame(1, preg_match('/^Question (\d)\s+(in sunlight|when it is clouded)$/', $front, $found), $front);
                    self::assertSame("Answer {$found[1]}", $back);
                    self::assertSame((int) $found[1] % 2 === 0 ? 'when it is clouded' : 'in sunlight', $found[2]);
                    $seen[] = $found[1];
                } else {
                    self::assertSame('', $back);
                }
            }
        }
        sort($seen);
        self::assertSame(['1', '2', '3', '4', '5', '6', '7'], $seen);
    }

    /** Nothing runs over an edge or the fold, whatever the paper. */
    #[TestWith(['a4', 841.89, 595.28])]
    #[TestWith(['letter', 792.0, 612.0])]
    public function testAFoldedSheetKeepsClearOfItsFold(string $paper, float $width, float $height): void
    {
        preg_match_all('/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)"/', self::read(['pdftotext', '-bbox', '-', '-'], $this->pdf('training.handout', ['folded', $paper])), $words, PREG_SET_ORDER);
        self::assertGreaterThan(200, count($words));
        foreach ($words as [, $left, $top, $right, $bottom]) {
            $page = (float) $left < $width / 2 ? 0.0 : $width / 2;
            $clear = [(float) $left - $page, (float) $top, $page + $width / 2 - (float) $right, $height - (float) $bottom];
            self::assertGreaterThan(7 * self::PT_PER_MM, min($clear));
        }
    }

    /** Each station has its sheet, with all that the rule book asks for there. */
    public function testASignLeavesNoConditionOut(): void
    {
        $this->event->audienceGroups()->create(['name' => 'Class', 'people' => 20, 'band' => 'teen', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => ['telescope', 'glasses', 'card']]);
        $spots = app(Rounds::class)->of($this->event)->spots;
        self::assertCount(3, $spots);
        $pdf = $this->pdf('training.signs', ['letter']);
        foreach ($spots as $i => $spot) {
            $page = self::flat(self::read(['pdftotext', '-raw', '-f', (string) ($i + 1), '-l', (string) ($i + 1), '-', '-'], $pdf));
            self::assertStringContainsString($spot->name, $page);
            self::assertNotSame([], $spot->cautions);
            foreach ($spot->cautions as $caution) {
                self::assertStringContainsString(self::flat($caution), $page);
            }
        }
        self::assertMatchesRegularExpression("/Pages:\s+3\n/", self::read(['pdfinfo', '-'], $pdf));
    }

    public function testADeckIsEdited(): void
    {
        $page = route('training.printed', $this->event);
        $this->get($page)->assertOk()->assertSee('There are no cards yet.')->assertSee('Sun, Earth and Moon to one scale');
        $this->post(route('training.queue.usual', $this->event))->assertRedirect();
        $this->post(route('training.queue.usual', $this->event))->assertSessionHas('status', 'All of the usual cards are there.');
        self::assertSame(12, QueueCard::query()->count());
        $new = ['uuid' => Str::uuid7()->toString(), 'question' => 'When?', 'answer' => 'At {maximum}.', 'needs' => 'any'];
        $this->post(route('training.queue.store', $this->event), $new)->assertSessionHasNoErrors();
        $this->post(route('training.queue.store', $this->event), $new)->assertSessionHasNoErrors();
        $card = QueueCard::query()->where('question', 'When?')->sole();
        $maximum = SiteNumbers::of(app(EventReader::class)->facts($this->event))['maximum'];
        $this->get($page)->assertSee("At {$maximum}.");
        $this->from($page)->put(route('training.queue.update', [$this->event, $card]), ['version' => $card->version, 'question' => 'When?', 'answer' => 'At {noon}.', 'needs' => 'any'])->assertSessionHasErrors(['answer' => 'No number here is called noon.']);
        $this->put(route('training.queue.update', [$this->event, $card]), ['version' => $card->version, 'question' => 'When?', 'answer' => 'Soon.', 'needs' => 'clouded'])->assertSessionHasNoErrors();
        $this->from($page)->put(route('training.queue.update', [$this->event, $card]), ['version' => 1, 'question' => 'When?', 'answer' => 'Later.', 'needs' => 'clouded'])->assertSessionHasErrors('version');
        $this->delete(route('training.queue.destroy', [$this->event, $card]))->assertSessionHas('undo');
        $this->get($page)->assertDontSee('Soon.');
        $this->post(route('training.queue.restore', [$this->event, $card]));
        $this->get($page)->assertSee('Soon.');
        foreach ([['question' => ''], ['answer' => str_repeat('x', 401)], ['needs' => 'rain'], ['question' => ['a']]] as $wrong) {
            $this->from($page)->post(route('training.queue.store', $this->event), [...$new, 'uuid' => Str::uuid7()->toString(), ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
        }
        $this->actingAs($this->member(Role::Helper, $this->user->organisation))->get($page)->assertOk()->assertDontSee('Add this card');
    }

    /** @param list<string> $parameters */
    private function pdf(string $route, array $parameters): string
    {
        return (string) $this->get(route($route, [$this->event, ...$parameters]))->assertOk()->assertHeader('Content-Type', 'application/pdf; charset=utf-8')->getContent();
    }

    /** @param list<string> $command */
    private static function read(array $command, string $pdf): string
    {
        return Process::input($pdf)->run($command)->throw()->output();
    }

    /** Pages with the fonts that are used; this reader wants a file. */
    private static function fonts(string $pdf): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'printed');
        file_put_contents($path, $pdf);
        try {
            return self::read(['pdftohtml', '-xml', '-zoom', '1', '-i', '-stdout', $path], '');
        } finally {
            unlink($path);
        }
    }

    private static function flat(string $text): string
    {
        return trim((string) preg_replace('/\s+/', ' ', $text));
    }

    /** @return list<string> of letters */
    private static function colours(string $xml): array
    {
        preg_match_all('/<fontspec [^>]*color="([^"]+)"/', $xml, $found);

        return $found[1];
    }

    /** @return list<float> lengths of the level lines on a page, mm */
    private static function linesMm(string $svg): array
    {
        preg_match_all('/<path [^>]*?stroke:rgb[^>]*? d="M ([-\d.]+) ([-\d.]+) L ([-\d.]+) ([-\d.]+) "/', $svg, $found, PREG_SET_ORDER);

        return array_map(static fn(array $line): float => round(abs((float) $line[3] - (float) $line[1]) / self::PT_PER_MM, 2), array_values(array_filter($found, static fn(array $line): bool => $line[2] === $line[4])));
    }
}
