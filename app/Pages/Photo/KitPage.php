<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Models\Event;
use App\Models\Photo\KitItem;
use App\Text\KitWords;
use KeenShadow\Core\Photo\Kit\KitKind;

/** What an organisation and its people have for photographs, by what it is. */
final readonly class KitPage
{
    /**
     * @param array<string, list<KitRow>> $rows by kind
     * @param array<string, string> $kinds their names
     */
    private function __construct(public array $rows, public array $kinds) {}

    public static function of(Event $event): self
    {
        $rows = array_fill_keys(array_column(KitKind::cases(), 'value'), []);
        foreach (KitItem::ofOrganisation($event->organisation_id)->with(['owner', 'lastCheck'])->get() as $item) {
            $rows[$item->kind->value][] = KitRow::of($item, $event);
        }

        return new self($rows, array_column(array_map(static fn(KitKind $kind): array => [$kind->value, KitWords::kind($kind)], KitKind::cases()), 1, 0));
    }
}
