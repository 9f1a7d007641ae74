<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Domain\Kept;
use App\Domain\RunSheet\EventSheet;
use App\Exports\RunSheet\WallPaper;
use App\Exports\SheetPaper;
use App\Exports\Training\HandoutPrint;
use App\Models\Day\DayEntry;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use App\Models\Eyewear\Supplier;
use App\Models\Logbook\EyeReport;
use App\Models\Logbook\Incident;
use App\Models\Logbook\LogPicture;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Models\RunSheet\Helper;
use App\Models\RunSheet\SheetTemplate;
use App\Models\Sky\BundledFile;
use App\Models\Sky\BundleKind;
use App\Models\StoredFile;
use App\Models\Training\QueueCard;
use App\Models\User;
use App\Models\Viewers\ViewerTrial;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Sheet\Paper;
use KeenShadow\Core\Viewers\Sheet\Part;
use Tests\Feature\Logbook\WithLogger;
use Tests\Feature\Photo\WithCameras;

/** One record of everything that an address may name. */
trait RichEvent
{
    use WithCameras;
    use WithLogger;

    /**
     * An event with one record of every kind that an address may name.
     *
     * @return array<string, \BackedEnum|Model|int|string>
     */
    private function richEvent(User $owner): array
    {
        $event = $this->eventOf($owner);
        $lot = Lot::factory()->create(['organisation_id' => $owner->organisation_id]);
        $viewer = $event->viewers()->create(['name' => 'Box', 'design' => DesignRecord::read(['build' => 'box'], isWhole: false)]);
        $list = $event->placeLists()->create(['name' => 'Schools', 'size' => 1]);

        return [
            'event' => $event,
            'lot' => $lot,
            'pairCheck' => $lot->pairChecks()->create(['uuid' => Str::uuid()->toString(), 'tag' => 1, 'faults' => [], 'event_id' => $event->id, 'occasion' => 'arrival', 'checked_by' => $owner->id, 'checked_at' => now()]),
            'lotScan' => $lot->scans()->create(['uuid' => Str::uuid()->toString(), 'name' => 'A', 'lens' => 'right', 'unit' => 'transmittance', 'readings' => [[500, 1e-5]], 'uploaded_by' => $owner->id]),
            'lotFile' => $lot->files()->create(['uuid' => Str::uuid()->toString(), 'name' => 'Label', 'sha256' => StoredFile::keep(public_path('mark.svg'), 'image/png'), 'uploaded_by' => $owner->id]),
            'meterReading' => $lot->meterReadings()->create(['uuid' => Str::uuid()->toString(), 'name' => 'A', 'dark_lx' => 0, 'open_lx' => 100000, 'behind_lx' => 1, 'resolution_lx' => 0.1, 'accuracy_percent' => 4, 'read_by' => $owner->id]),
            'supplier' => Supplier::query()->create(['organisation_id' => $owner->organisation_id, 'name' => Str::random(12), 'standing' => 'not_checked']),
            'audienceGroup' => $event->audienceGroups()->create(['name' => 'Class 5B', 'people' => 24, 'band' => 'child', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4]),
            'stockEntry' => StockEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'lot_id' => $lot->id, 'what' => 'destroyed', 'pairs' => 1, 'tag' => 2, 'how' => 'cut', 'moved_by' => $owner->id, 'moved_at' => now()]),
            'method' => Method::Telescope,
            ...self::photoOf($event, $owner),
            'trainingDuty' => Duty::Helper,
            'exercise' => 'closing',
            'sheetTemplate' => SheetTemplate::query()->create(['organisation_id' => $owner->organisation_id, 'name' => Str::random(12), 'sheet' => Sheet::blank()]),
            'wall' => WallPaper::A3,
            'sheetPaper' => SheetPaper::Letter,
            'cue' => self::cueOf($event, $owner),
            'helper' => $helper = Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $owner->organisation_id, 'name' => Str::random(12), 'contact' => '600 000 000', 'training' => ['instrument'], 'duty_key' => Helper::newKey()]),
            ...self::rotaOf($event->refresh(), $owner, $helper),
            'tag' => 1,
            'paper' => Paper::A4,
            'part' => Part::EndPanel,
            'viewer' => $viewer,
            'viewerTrial' => ViewerTrial::query()->create(['uuid' => Str::uuid()->toString(), 'viewer_id' => $viewer->id, 'design' => $viewer->design, 'tried_on' => '2027-01-01', 'image_mm' => 2.8, 'uncertainty_mm' => 0.5, 'tried_by' => $owner->id]),
            'placeList' => $list,
            'placeBundle' => $event->placeBundles()->create(['uuid' => Str::uuid()->toString(), 'place_list_id' => $list->id, 'paper' => 'a4', 'size' => 1, 'sequence' => 0, 'version' => Kept::version()]),
            'place' => $list->places()->create(['position' => 1, 'name' => 'School', 'lat' => 36.5, 'lon' => -6.3, 'height_m' => 0]),
            'dayEntry' => DayEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'kind' => 'observation', 'observed' => 'wind', 'value' => 3, 'made_by' => $owner->id, 'who' => $owner->name, 'made_at' => now()]),
            'incident' => Incident::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'happened_at' => now(), 'within_s' => 60, 'what' => 'A cap came off', 'place' => '', 'done' => '', 'seen_by' => '', 'method' => 'telescope', 'instrument' => '', 'made_by' => $owner->id]),
            'logPicture' => LogPicture::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'caption' => 'A crescent', 'sha256' => StoredFile::keep(public_path('mark.svg'), 'image/png'), 'made_by' => $owner->id]),
            'eyeReport' => EyeReport::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'called' => 'red cap', 'signs' => ['blur'], 'other' => '', 'eye' => 'left', 'since' => '', 'method' => 'nothing', 'looked' => '', 'made_by' => $owner->id, 'delete_on' => now()->addDays(30)->toDateString()]),
            'observationKind' => ObservationKind::Wind,
            'instrumentLog' => self::loggerOf($event, $owner),
            'positionReading' => $event->positionReadings()->create(['seconds' => 60]),
            'bundleKind' => BundleKind::Kit,
            'bundledFile' => BundledFile::Handout,
            'position' => 0,
            'handoutPrint' => HandoutPrint::Plain,
            'queueCard' => QueueCard::makeOnce(Str::uuid()->toString(), ['organisation_id' => $owner->organisation_id, 'question' => 'Why?', 'answer' => 'At {c1}.', 'needs' => 'any']),
        ];
    }

    /** @return array{turn: string, post: string, dutyKey: string} */
    private static function rotaOf(Event $event, User $owner, Helper $helper): array
    {
        $group = "g{$event->audienceGroups()->firstOrFail()->id}";
        $post = Str::uuid7()->toString();
        EventSheet::of($event)->change($event->sheet_revision_id, static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with($sheet->rota->wishes->withHelper($helper->rotaId(), new CrewWish()))->withTurn(new Turn($group, 'telescope', 600, 610))->withPost($post, new Post($helper->rotaId(), 'telescope', 600, 610))), $owner);

        return ['turn' => "{$group}-telescope", 'post' => $post, 'dutyKey' => $helper->duty_key];
    }

    /** @return array{kitKind: KitKind, kitItem: KitItem, filterTest: FilterTest, photoPlan: PhotoPlan} */
    private static function photoOf(Event $event, User $owner): array
    {
        $plan = self::cameraOf($event, $owner);

        return [
            'kitKind' => KitKind::Mount,
            'kitItem' => $plan->filter ?? self::kitOf($owner, KitKind::Filter),
            'filterTest' => FilterTest::makeOnce(Str::uuid()->toString(), ['filter_id' => $plan->filter_id, 'f_number' => 8, 'iso' => 100, 'exposure_s' => 0.004, 'histogram' => 0.75, 'taken_at' => '2026-10-03 11:00:00', 'lat' => 36.5, 'lon' => -6.3, 'made_by' => $owner->id]),
            'photoPlan' => $plan,
        ];
    }

    private static function cueOf(Event $event, User $owner): string
    {
        $cue = Cue::of(Str::uuid7()->toString(), CueKind::Call, 'First bite', Anchor::C1);
        EventSheet::of($event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->with($cue), $owner);

        return $cue->id;
    }
}
