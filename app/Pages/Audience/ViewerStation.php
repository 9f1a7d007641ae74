<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Domain\Audience\EventYard;
use App\Domain\Event\WantedViewer;
use App\Models\Audience\AudienceStation;
use App\Text\AudienceWords;
use KeenShadow\Core\Audience\Methods\Method;

/** A viewer that is to be built, and the station that it makes or could make. */
final readonly class ViewerStation
{
    private function __construct(
        public int $id,
        public string $name,
        public string $words,
    ) {}

    /**
     * @param list<WantedViewer> $viewers
     *
     * @return list<self>
     */
    public static function allOf(array $viewers, EventYard $yard): array
    {
        return array_map(static function (WantedViewer $viewer) use ($yard): self {
            $method = Method::from($viewer->method);
            $isAsked = array_filter($yard->stations, static fn(AudienceStation $s): bool => $s->method === $method) !== [];
            $words = trans_choice('{1} one, :places at once|[2,*] :count, :places at once', $viewer->wanted, ['places' => $viewer->wanted * $viewer->atOnce]);

            return new self($viewer->id, $viewer->name, $words . ($isAsked
                ? __('; at the station “:method”', ['method' => AudienceWords::method($method)])
                : __('; no group goes to it yet: choose “:method” as a method for one', ['method' => AudienceWords::method($method)])));
        }, $viewers);
    }
}
