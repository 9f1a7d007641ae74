<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotFile;
use App\Models\Eyewear\Supplier;
use App\Models\Role;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Question;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Lots of every kind, the register of suppliers, and the files that belong to a lot. */
final class LotsTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    /** By question, an answer and how the page of papers shows it. */
    private const ANSWERS = [
        'maker_name' => ['yes', 'yes'], 'maker_address' => ['yes', 'yes'], 'printed_standard' => ['iso12312', 'ISO 12312-2'], 'instructions' => ['yes', 'yes'], 'warnings' => ['yes', 'yes'], 'expires_on' => ['2029-05-01', '1 May 2029'],
        'test_report' => ['product_and_batch', 'names this product and batch'], 'made_for' => ['looking', 'for looking (about OD 5)'], 'shade' => ['14', '14'], 'darkening' => ['fixed', 'fixed'], 'lens_width_mm' => ['41,5', '41.5'], 'lens_height_mm' => ['38', '38'],
        'over_spectacles' => ['yes', 'yes'], 'blocks_side_light' => ['no', 'no'], 'worn_by' => ['child', 'children'], 'opening_mm' => ['80', '80'],
    ];
    private const PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    /** @return iterable<string, array{Kind}> */
    public static function kinds(): iterable
    {
        foreach (Kind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testEveryKindIsAskedWhatFitsItAndShowsWhatWasAnswered(Kind $kind): void
    {
        $form = $this->get(route('eyewear.create', [$this->event, 'kind' => $kind->value]))->assertOk();
        foreach (Question::cases() as $question) {
            $kind->asks($question) ? $form->assertSee("name=\"{$question->value}\"", false) : $form->assertDontSee("name=\"{$question->value}\"", false);
        }
        // What is not asked is not stored, whoever sends it.
        $this->post(route('eyewear.store', $this->event), self::answers($kind))->assertSessionHasNoErrors();
        $lot = Lot::query()->firstOrFail();
        foreach (Question::cases() as $question) {
            self::assertSame($kind->asks($question), $lot->getAttribute($question->value) !== null, $question->value);
        }
        $papers = $this->get(route('eyewear.papers', [$this->event, $lot]))->assertOk()->assertSee('Papers in order');
        $papers->assertSeeInOrder(array_map(static fn(Question $question): string => self::ANSWERS[$question->value][1] . '</dd>', $kind->questions()), false);
        $page = $this->get(route('eyewear.show', [$this->event, $lot]))->assertOk();
        foreach ($kind->faults() as $i => $fault) {
            $page->assertSee("value=\"{$fault->value}\" data-key=\"" . ($i + 1) % 10 . '"', false);
        }
        $required = array_values(array_filter($kind->questions(), static fn(Question $question): bool => !$question->mayBeBlank()));
        $this->post(route('eyewear.store', $this->event), ['label' => 'Unanswered'] + array_fill_keys(array_keys(self::ANSWERS), '') + self::answers($kind))
            ->assertSessionHasErrors(array_map(static fn(Question $question): string => $question->value, $required));
    }

    /** The database itself keeps answers to the kinds that are asked, and suppliers to their organisation. */
    public function testTheDatabaseKeepsAnswersToTheirKind(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
        $foreign = Supplier::query()->create(['organisation_id' => $this->member()->organisation_id, 'name' => 'Theirs', 'standing' => 'not_checked']);
        foreach (["kind = 'welding_plate'", "shade = 14, kind = 'card_glasses'", 'worn_by = null', "origin = 'supplier'", "origin = 'supplier', supplier_id = {$foreign->id}", "kind = 'sunglasses'"] as $change) {
            try {
                DB::transaction(static fn(): int => DB::update("update lots set {$change} where id = {$lot->id}"));
                self::fail($change);
            } catch (QueryException $e) {
                self::assertContains($e->getCode(), ['23514', '23503'], $e->getMessage());
            }
        }
        $this->post(route('eyewear.store', $this->event), ['origin' => 'supplier', 'supplier_id' => (string) $foreign->id] + self::answers(Kind::CardGlasses))->assertSessionHasErrors('supplier_id');
        $this->post(route('eyewear.store', $this->event), ['origin' => 'supplier', 'supplier_id' => ''] + self::answers(Kind::CardGlasses))->assertSessionHasErrors('supplier_id');
    }

    /** What the register says of a supplier now decides about every lot that came from them. */
    public function testTheRegisterOfSuppliersDecidesWithTheLots(): void
    {
        $this->get(route('eyewear.suppliers', $this->event))->assertSee('None yet.');
        $store = route('eyewear.suppliers.store', $this->event);
        $this->post($store, ['name' => 'Gaviota', 'standing' => 'checked'] + self::newForm())->assertSessionHasErrors(['evidence', 'checked_by', 'checked_on']);
        $this->post($store, ['name' => 'Gaviota', 'standing' => 'refused', 'evidence' => 'x', 'checked_by' => 'Ana', 'checked_on' => '2999-01-01'] + self::newForm())->assertSessionHasErrors(['checked_on']);
        $form = ['name' => 'Gaviota', 'standing' => 'not_checked'] + self::newForm();
        $this->post($store, $form)->assertSessionHasNoErrors();
        $this->post($store, $form)->assertSessionHasNoErrors();
        $this->post($store, ['name' => 'Gaviota', 'standing' => 'not_checked'] + self::newForm())->assertSessionHasErrors(['name' => 'There is a supplier of that name already.']);
        $supplier = Supplier::query()->sole();
        $this->post(route('eyewear.store', $this->event), ['origin' => 'supplier', 'supplier_id' => (string) $supplier->id] + self::answers(Kind::CardGlasses));
        $lot = Lot::query()->sole();
        $shown = fn(string $verdict, string $reason) => $this->get(route('eyewear.show', [$this->event, $lot]))->assertSeeInOrder([$verdict, $reason]);
        $shown('Hold', 'Nobody has checked the supplier yet.');
        $judged = ['name' => 'Gaviota', 'evidence' => 'The maker wrote so.', 'checked_by' => 'Ana', 'checked_on' => '2026-11-01'];
        $this->put(route('eyewear.suppliers.update', [$this->event, $supplier]), ['standing' => 'checked'] + $judged + self::formOf($supplier))->assertSessionHasNoErrors();
        $shown('Papers in order', 'What was answered of it fits together.');
        $this->put(route('eyewear.suppliers.update', [$this->event, $supplier->refresh()]), ['standing' => 'refused'] + $judged + self::formOf($supplier))->assertSessionHasNoErrors();
        $shown('Do not hand out', 'nothing is taken from them');
        $this->get(route('eyewear.suppliers', $this->event))->assertSeeInOrder(['Gaviota', 'nothing is taken from them', 'The maker wrote so.', 'Ana, ', '1 November 2026', '1']);
        $this->actingAs($this->member(Role::Checker, $this->user->organisation))->get(route('eyewear.suppliers', $this->event))->assertOk()->assertDontSee('Add a supplier');
    }

    public function testAFileIsAddedServedSoThatNothingRunsRemovedAndBroughtBack(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
        $form = ['name' => 'Print on the frame', 'file' => UploadedFile::fake()->createWithContent('label.svg', base64_decode(self::PNG, true))] + self::newForm();
        $this->post(route('eyewear.files.store', [$this->event, $lot]), $form)->assertSessionHasNoErrors();
        $this->post(route('eyewear.files.store', [$this->event, $lot]), $form)->assertSessionHasNoErrors();
        $file = LotFile::query()->sole();
        $this->get(route('eyewear.papers', [$this->event, $lot]))->assertSeeInOrder(['Print on the frame', '1 kB, added']);
        $served = $this->get(route('eyewear.files.show', [$this->event, $lot, $file]))->assertOk()->assertHeader('Content-Type', 'image/png')->assertHeader('X-Content-Type-Options', 'nosniff')
            ->assertHeader('Content-Security-Policy', "default-src 'none'; sandbox")->assertHeader('Content-Disposition', 'inline; filename=print-on-the-frame.png');
        self::assertSame(base64_decode(self::PNG, true), $served->getContent());
        $this->get(route('eyewear.files.show', [$this->event, Lot::factory()->create(['organisation_id' => $this->user->organisation_id]), $file]))->assertNotFound();

        $this->post(route('eyewear.files.store', [$this->event, $lot]), ['name' => 'Report', 'file' => UploadedFile::fake()->createWithContent('report.pdf', "%PDF-1.4\n1 0 obj<</OpenAction<</S/JavaScript>>>>endobj\n%%EOF")] + self::newForm())->assertSessionHasNoErrors();
        $this->get(route('eyewear.files.show', [$this->event, $lot, LotFile::query()->where('name', 'Report')->sole()]))->assertHeader('Content-Disposition', 'attachment; filename=report.pdf')->assertHeader('Content-Security-Policy', "default-src 'none'; sandbox");
        $this->delete(route('eyewear.files.destroy', [$this->event, $lot, $file]))->assertSessionHas('undo');
        $this->get(route('eyewear.files.show', [$this->event, $lot, $file]))->assertNotFound();
        $this->post(route('eyewear.files.restore', [$this->event, $lot, $file]));
        $this->get(route('eyewear.files.show', [$this->event, $lot, $file]))->assertOk();
    }

    /** @return iterable<string, array{string, string}> content and name of a file that is refused */
    public static function badFiles(): iterable
    {
        yield 'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'label.png'];
        yield 'a page' => ['<!DOCTYPE html><script>alert(1)</script>', 'report.pdf'];
        yield 'the beginning of a picture' => ["\x89PNG\r\n\x1a\n" . str_repeat("\0", 40), 'label.png'];
        yield 'a program' => ["\x7fELF\x02\x01\x01" . str_repeat("\0", 60), 'report.pdf'];
        yield 'nothing' => ['', 'report.pdf'];
        yield 'far too large' => ["%PDF-1.4\n" . str_repeat('x', 6 * 1024 * 1024), 'report.pdf'];
    }

    #[DataProvider('badFiles')]
    public function testABadFileIsRefusedAndDoesNoHarm(string $content, string $name): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
        $this->post(route('eyewear.files.store', [$this->event, $lot]), ['name' => 'Report', 'file' => UploadedFile::fake()->createWithContent($name, $content)] + self::newForm())->assertSessionHasErrors('file');
        self::assertSame(0, LotFile::query()->count());
    }

    /** Out and in again: the same lots, in another organisation too; a label that begins like a formula goes out as text and comes in as it was. */
    public function testTheStockGoesOutAndComesInAgain(): void
    {
        foreach (Kind::cases() as $kind) {
            $this->post(route('eyewear.store', $this->event), ['label' => '=HYPERLINK("' . $kind->value . '"), ‘5B’', 'uuid' => self::newForm()['uuid']] + self::answers($kind))->assertSessionHasNoErrors();
        }
        $csv = (string) $this->get(route('eyewear.csv', $this->event))->assertOk()->getContent();
        self::assertSame(count(Kind::cases()) + 1, substr_count($csv, "\r\n"));
        self::assertStringContainsString('"\'=HYPERLINK(""', $csv);
        $this->import($csv)->assertSessionHas('status', 'All lots of the file were there already.');
        $other = $this->member();
        $this->actingAs($other);
        $this->event = $this->eventOf($other);
        $this->import($csv)->assertSessionHas('status', '10 lots are added.');
        self::assertSame($csv, $this->get(route('eyewear.csv', $this->event))->getContent());
        $this->import(str_replace(',40,', ',41,', $csv))->assertSessionHasErrors('stock');
    }

    public function testATableOfASpreadsheetIsReadAndFaultsAreNamedByLineAndColumn(): void
    {
        Supplier::query()->create(['organisation_id' => $this->user->organisation_id, 'name' => 'Gaviota', 'standing' => 'not_checked']);
        $this->import("\u{FEFF}Label;Kind;Pairs;Origin;Supplier;Maker_name;Shade;Darkening\r\nPlates;welding_plate;3;supplier;Gaviota;yes;14,5;fixed\r\n")->assertSessionHas('status', '1 lot is added.');
        self::assertSame([14.5, 'Gaviota'], [Lot::query()->sole()->shade, Lot::query()->sole()->supplier?->name]);
        $fault = function (string $text): string {
            $this->import($text)->assertSessionHasErrors('stock');
            /** @var ViewErrorBag $errors */
            $errors = session('errors');

            return $errors->first('stock');
        };
        self::assertStringContainsString('Line 2, column darkening: Answer this', $fault("label,kind,pairs,origin,maker_name,shade\nA,welding_plate,3,maker,yes,14\n"));
        self::assertStringContainsString('Line 3, column pairs: a whole number', $fault("label,kind,pairs,origin,maker_name,darkening\nA,welding_plate,3,maker,yes,fixed\nB,welding_plate,0,maker,yes,fixed\n"));
        self::assertStringContainsString('Line 2, column supplier: no supplier of your register.', $fault("label,kind,pairs,origin,supplier,maker_name,darkening\nA,welding_plate,3,supplier,Bazaar,yes,fixed\n"));
        self::assertStringContainsString('Line 3, column label: there is a lot', $fault("label,kind,pairs,origin,maker_name,darkening\nA,welding_plate,3,maker,yes,fixed\nA,welding_plate,3,maker,yes,fixed\n"));
        self::assertStringContainsString('Line 2, column kind', $fault("label,kind,pairs,origin\nA,sunglasses,3,maker\n"));
        self::assertStringContainsString('no lots', $fault("label,kind,pairs,origin\n"));
        self::assertStringContainsString('the columns must be', $fault("name,pairs\nA,3\n"));
        self::assertNotSame('', $fault("\x00\xff\xfe\x81"));
        self::assertSame(1, Lot::query()->count());
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function import(string $csv): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('eyewear.csv.store', $this->event), ['stock' => UploadedFile::fake()->createWithContent('lots.csv', $csv)]);
    }

    /** @return array<string, string> */
    private static function answers(Kind $kind): array
    {
        return ['label' => 'Batch 12', 'kind' => $kind->value, 'pairs' => '40', 'origin' => 'maker'] + array_map(static fn(array $a): string => $a[0], self::ANSWERS) + self::newForm();
    }
}
