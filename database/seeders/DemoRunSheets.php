<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\NewCues;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Models\RunSheet\SheetTemplate;
use App\Models\User;
use App\Text\TypedBells;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rota\Wishes;

/** Run sheets of the demo's coming events: what is usual, a line of their own, who helps, and turns and duties as they are proposed. All of it is invented. */
final class DemoRunSheets
{
    /** Name, contact, what they are trained for, and whether they come to the public morning and to the school afternoon. */
    private const HELPERS = [
        ['Inés', 'ines@marea-baja.example', ['glasses', 'instrument', 'beam'], true, true],
        ['Omar', '600 000 101', ['instrument'], true, true],
        ['Ruth', 'ruth@marea-baja.example', ['glasses'], true, true],
        ['Teo', '600 000 102', ['instrument', 'beam'], true, true],
        ['Lucía', null, ['glasses'], true, false],
        ['Bram', '600 000 103', ['glasses'], true, false],
        ['Noor', null, ['instrument'], true, false],
        ['Pilar', '600 000 104', ['beam'], false, true],
        ['Gus', null, ['glasses', 'beam'], true, true],
        ['Amaia', 'amaia@marea-baja.example', [], true, true],
    ];

    private const BELLS = "15:45-16:35 Lesson 6\n16:35-16:50 Break\n16:50-17:40 Lesson 7\n17:40-18:35 Workshop";

    public static function write(Event $total, Event $ring, User $by): void
    {
        $helpers = array_map(static fn(array $h): Helper => Helper::makeOnce(Str::uuid7()->toString(), ['organisation_id' => $total->organisation_id, 'name' => $h[0], 'contact' => $h[1], 'training' => $h[2], 'duty_key' => Helper::newKey()]), self::HELPERS);
        self::keep($total, Occasion::Public, $by, Cue::of(Str::uuid7()->toString(), CueKind::Move, 'Ice lollies', Anchor::C4, 600, durationS: 900, who: 'Amaia'), self::asked($helpers, 3));
        SheetTemplate::query()->create(['organisation_id' => $total->organisation_id, 'name' => 'Our public mornings', 'sheet' => Sheet::of(array_values(EventSheet::of($total->refresh())->sheet()->cues)), 'made_by' => $by->id]);
        self::keep($ring, Occasion::Lessons, $by, Cue::of(Str::uuid7()->toString(), CueKind::Move, 'Bell: back to the lesson', Anchor::Clock, clockS: 17 * 3600 + 2400), self::asked($helpers, 4)->withBells(TypedBells::read(self::BELLS))->withLimits(5, 60, 10, 40));
    }

    /**
     * @param list<Helper> $helpers
     * @param int $column of HELPERS that says whether they come
     */
    private static function asked(array $helpers, int $column): Wishes
    {
        $wishes = Wishes::none();
        foreach ($helpers as $i => $helper) {
            $wishes = self::HELPERS[$i][$column] === true ? $wishes->withHelper($helper->rotaId(), new CrewWish()) : $wishes;
        }

        return $wishes;
    }

    private static function keep(Event $event, Occasion $occasion, User $by, Cue $own, Wishes $wishes): void
    {
        $facts = app(EventReader::class)->facts($event->refresh());
        $usual = NewCues::usual($occasion, $facts);
        EventSheet::of($event)->change(null, static function (Sheet $sheet) use ($facts, $own, $usual, $wishes): Sheet {
            $sheet = $sheet->with($own, ...$usual);

            return app(EventRotas::class)->of($facts, $sheet->withRota($sheet->rota->with($wishes)))->proposed();
        }, $by);
    }
}
