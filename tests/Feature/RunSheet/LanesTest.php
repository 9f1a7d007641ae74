<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Drawings\Event\RibbonMark;
use App\Drawings\RunSheet\LaneBlock;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\RunSheetPage;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The lanes read back into times: a cue stands under its phase, and no words on others. */
final class LanesTest extends TestCase
{
    use RefreshDatabase;

    public function testACueStandsUnderItsPhaseAndItsTimeCanBeReadBack(): void
    {
        $event = $this->sheet([
            Cue::of('a', CueKind::Call, 'first bite', Anchor::C1),
            Cue::of('b', CueKind::Move, 'before', Anchor::C1, -3600, durationS: 900),
            Cue::of('c', CueKind::Pack, 'after everybody has gone', Anchor::C4, 1200, durationS: 1200),
        ]);
        [$page, $blocks] = $this->drawn($event);
        $ribbon = app(EventFrames::class)->of($event, $page->axis)->ribbon;
        $c1 = array_values(array_filter($ribbon->contacts, static fn(RibbonMark $mark): bool => $mark->label === 'C1'))[0];

        self::assertEqualsWithDelta($c1->xPercent, $blocks['a']->xPercent, 0.01, 'the same scale as the ribbon');
        $lasts = $page->lanes->endS - $page->lanes->beginS;
        self::assertEqualsWithDelta(-3600, ($blocks['b']->xPercent - $blocks['a']->xPercent) / 100 * $lasts, 2);
        self::assertEqualsWithDelta(900, $blocks['b']->widthPercent / 100 * $lasts, 2);
        self::assertTrue($blocks['c']->isBefore, 'its words would run over the end');
        self::assertSame(['09:40', '08:40'], [$blocks['a']->entry->time, $blocks['b']->entry->time]);
    }

    public function testNoWordsLieOnOthers(): void
    {
        $event = $this->sheet(array_map(static fn(int $i): Cue => Cue::of("c{$i}", CueKind::Look, "a cue with a name {$i}", Anchor::Maximum, 97 * ($i - 20), durationS: 60 * ($i % 4)), range(1, 40)));
        [, $blocks] = $this->drawn($event);
        self::assertCount(40, $blocks);
        foreach ($blocks as $a) {
            foreach ($blocks as $b) {
                if ($a !== $b && $a->yPx === $b->yPx && $a->xPercent <= $b->xPercent && !$a->isBefore && !$b->isBefore) {
                    // 1180 px across, some 7 px a letter.
                    self::assertGreaterThanOrEqual(7 * mb_strlen($a->entry->label), ($b->xPercent - $a->xPercent) / 100 * 1180, "{$a->entry->label} and {$b->entry->label}");
                }
            }
        }
    }

    /** @param list<Cue> $cues */
    private function sheet(array $cues): Event
    {
        $user = $this->member();
        $event = $this->eventOf($user, ['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid'])->refresh();
        EventSheet::of($event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->with(...$cues), $user);

        return $event->refresh()->load('sheetRevision');
    }

    /** @return array{RunSheetPage, array<string, LaneBlock>} */
    private function drawn(Event $event): array
    {
        $page = RunSheetPage::of($facts = app(EventReader::class)->facts($event), app(EventRotas::class)->of($facts));
        $blocks = [];
        foreach ($page->lanes->lanes as $lane) {
            foreach ($lane->blocks as $block) {
                $blocks[$block->entry->id] = $block;
            }
        }

        return [$page, array_filter($blocks, static fn(LaneBlock $b): bool => $b->entry->what !== '')];
    }
}
