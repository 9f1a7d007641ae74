<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Training\TrainingRecord;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Models\Training\QueueCard;
use App\Models\Training\TrainingResult;
use Illuminate\Support\Str;
use KeenShadow\Core\Training\Cards\Deal;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Lenses\DrawnPair;
use KeenShadow\Core\Training\Lenses\LensFault;
use KeenShadow\Core\Training\Lenses\Tray;
use KeenShadow\Core\Training\Record\Exercise;

/** What the demo's crew has practised: some of it well, some of it not, some of it not at all. All of it is invented. */
final class DemoTraining
{
    private int $minute = 0;

    private function __construct(private readonly Event $event, private readonly TrainingRecord $record) {}

    public static function crew(Event $event): void
    {
        $demo = new self($event, app(TrainingRecord::class));
        // Inés has done all of it, Omar all at the instrument but one scene, Ruth looks pairs over and misses one, Noor calls too early.
        foreach (['Inés' => 20, 'Ruth' => 19] as $name => $right) {
            $demo->cards($name, Duty::Checker, $right);
            $demo->keep($name, Exercise::Steps, 'table', ['order' => $demo->inOrder('table')]);
        }
        foreach (['Inés' => 19, 'Omar' => 20, 'Teo' => 14] as $name => $right) {
            $demo->cards($name, Duty::Instrument, $right);
            $demo->keep($name, Exercise::Steps, 'filter', ['order' => $demo->inOrder('filter')]);
            $demo->keep($name, Exercise::Scene, 'gust', ['chosen' => [0, 1]]);
        }
        $demo->keep('Inés', Exercise::Scene, 'tracking', ['chosen' => [2, 1]]);
        $demo->keep('Omar', Exercise::Scene, 'tracking', ['chosen' => [0]]);
        $demo->tray('Inés', 4, 0);
        $demo->tray('Ruth', 5, 1);
        foreach ([600, 1400] as $ms) {
            $demo->drill('Inés', $ms);
        }
        $demo->drill('Noor', -800);
        QueueCard::addUsual($event->organisation_id);
        $demo->keep('Inés', Exercise::Scene, 'clouds', ['chosen' => [0, 1]]);
    }

    private function cards(string $name, Duty $duty, int $right): void
    {
        $ids = array_slice(array_merge(...array_values(Deal::of($this->record->cards(), $duty, 3, 8))), 0, 20);
        foreach ($ids as $i => $id) {
            $answer = Deck::find($this->record->judge()->book, $id)?->answer->permission->value ?? 'no';
            $this->keep($name, Exercise::Card, $id, ['said' => $i < $right ? $answer : ($answer === 'no' ? 'yes' : 'no')], $duty);
        }
    }

    /** @return list<string> */
    private function inOrder(string $id): array
    {
        return array_keys($this->record->judge()->orders[$id]->steps);
    }

    private function tray(string $name, int $seed, int $missed): void
    {
        $found = array_map(static fn(DrawnPair $pair): ?string => $pair->fault?->value, Tray::of($seed)->pairs);
        foreach (array_slice(array_keys(array_filter($found, static fn(?string $fault): bool => $fault !== null && $fault !== LensFault::Dirt->value)), 0, $missed) as $i) {
            $found[$i] = null;
        }
        $this->keep($name, Exercise::Lenses, (string) $seed, ['found' => $found]);
    }

    private function drill(string $name, int $offMs): void
    {
        $this->keep($name, Exercise::Drill, '', ['free_from' => 1_000_000, 'free_to' => 1_160_000, 'off' => 1_000_000 + $offMs, 'on' => 1_150_000, 'speed' => 2]);
    }

    /** @param array<string, mixed> $given */
    private function keep(string $name, Exercise $exercise, string $about, array $given, ?Duty $duty = null): void
    {
        $helper = Helper::query()->where('organisation_id', $this->event->organisation_id)->where('name', $name)->firstOrFail();
        TrainingResult::query()->create([
            'uuid' => Str::uuid7()->toString(), 'organisation_id' => $this->event->organisation_id, 'event_id' => $this->event->id, 'helper_id' => $helper->id,
            'exercise' => $exercise, 'duty' => $duty, 'about' => $about, 'given' => $given, 'done_at' => now()->subDays(3)->addMinutes(++$this->minute),
        ]);
    }
}
