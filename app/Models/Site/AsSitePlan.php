<?php

declare(strict_types=1);

namespace App\Models\Site;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/**
 * A site plan as a JSON document: things with their points in metres east and north, the horizon as pairs of azimuth and
 * altitude, and how well it was measured.
 *
 * @implements CastsAttributes<SitePlan, SitePlan>
 */
final class AsSitePlan implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): SitePlan
    {
        /** @var array{things: list<array{kind: string, name: string, points: list<array{float, float}>, height_m: float, radius_m: float, sill_m: float}>, horizon: list<array{float, float}>, accuracy_m: float} $document */
        $document = json_decode(is_string($value) ? $value : '', true, 16, JSON_THROW_ON_ERROR);

        return SitePlan::of(
            array_map(static fn(array $t): Thing => Thing::kept(
                ThingKind::from($t['kind']),
                $t['name'],
                array_map(static fn(array $p): PlanPoint => new PlanPoint($p[0], $p[1]), $t['points']),
                $t['height_m'],
                $t['radius_m'],
                $t['sill_m'],
            ), $document['things']),
            HorizonProfile::of($document['horizon']),
            $document['accuracy_m'],
        );
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (!$value instanceof SitePlan) {
            throw new InvalidArgumentException('A plan is a SitePlan.');
        }

        return json_encode([
            'things' => array_map(static fn(Thing $t): array => [
                'kind' => $t->kind->value,
                'name' => $t->name,
                'points' => array_map(static fn(PlanPoint $p): array => [$p->eastM, $p->northM], $t->points),
                'height_m' => $t->heightM,
                'radius_m' => $t->radiusM,
                'sill_m' => $t->sillM,
            ], $value->things),
            'horizon' => $value->horizon->points,
            'accuracy_m' => $value->accuracyM,
        ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
