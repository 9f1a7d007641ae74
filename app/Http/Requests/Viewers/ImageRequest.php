<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use DateTimeImmutable;
use KeenShadow\Core\Sky\LocalEclipse;

/** The picture of a design that is being tried out, at a moment of the eclipse. */
final class ImageRequest extends DesignRequest
{
    public function rules(): array
    {
        return ['at' => ['required', 'integer', 'between:-9999999999,99999999999'], ...parent::rules()];
    }

    /** Within the day that the event's ribbon shows. */
    public function moment(LocalEclipse $here): DateTimeImmutable
    {
        $second = max((int) $here->spanBegins()->format('U'), min((int) $here->spanEnds()->format('U'), $this->integer('at')));

        return $here->spanBegins()->setTimestamp($second);
    }
}
