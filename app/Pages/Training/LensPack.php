<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Drawings\Training\LensDrawing;
use App\Text\TrainingWords;
use KeenShadow\Core\Training\Lenses\DrawnPair;
use KeenShadow\Core\Training\Lenses\LensFault;
use KeenShadow\Core\Training\Lenses\Tray;

/** A tray of drawn pairs, and the keys to say what is found. */
final readonly class LensPack
{
    private const KEYS = '12345678';

    /**
     * @param list<LensDrawing> $pairs
     * @param list<array{fault: string, words: string, key: string}> $choices
     */
    private function __construct(public int $seed, public array $pairs, public array $choices) {}

    public static function of(int $seed): self
    {
        return new self(
            $seed,
            array_map(static fn(DrawnPair $pair): LensDrawing => LensDrawing::of($pair), Tray::of($seed)->pairs),
            array_map(static fn(LensFault $fault, int $i): array => ['fault' => $fault->value, 'words' => TrainingWords::fault($fault), 'key' => self::KEYS[$i]], LensFault::cases(), array_keys(LensFault::cases())),
        );
    }
}
