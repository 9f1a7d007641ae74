<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use App\Domain\Site\EventPlan;
use App\Imports\GeoFile;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Imports\Site\HorizonFile;
use App\Imports\Site\OutlineFile;
use App\Models\Event;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\ThingKind;

/** A file for the plan: outlines (GeoJSON, GPX, KML) that are added, or a far horizon (CSV) that takes the old one's place. */
final class OutlineRequest extends FormRequest
{
    private ?SitePlan $plan = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:' . Limits::KILOBYTES],
            'areas' => ['required', Rule::in(array_map(static fn(ThingKind $k): string => $k->value, self::areaKinds()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => __('Choose a file.'), 'file.*' => __('The file is GeoJSON, GPX, KML or CSV, of at most 5 MB.'), 'areas.*' => __('Say what an outline is.')];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $file = $this->file('file');
            $event = $this->route('event');
            if ($validator->errors()->isNotEmpty() || !$file instanceof UploadedFile || !$event instanceof Event) {
                return;
            }
            $plan = EventPlan::of($event)->plan();
            try {
                $this->plan = GeoFile::is($file->getPathname())
                    ? OutlineFile::addTo($plan, $file->getPathname(), new LocalTangentPlane($event->lat, $event->lon), ThingKind::from($this->string('areas')->toString()))
                    : SitePlan::of($plan->things, HorizonFile::read($file->getPathname()), $plan->accuracyM);
            } catch (ImportFaults $e) {
                foreach ($e->told() as $fault) {
                    $validator->errors()->add('file', $fault);
                }
            }
        }];
    }

    public function plan(): SitePlan
    {
        return $this->plan ?? throw new \LogicException('asked before it was validated');
    }

    /** @return list<ThingKind> */
    public static function areaKinds(): array
    {
        return array_values(array_filter(ThingKind::cases(), static fn(ThingKind $k): bool => $k->shape() === Shape::Area));
    }
}
