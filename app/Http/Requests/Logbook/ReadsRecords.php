<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Event\EventReader;
use App\Models\Event;
use App\Text\Refusals;
use App\Text\TypedMoment;
use App\Text\TypedNumber;
use DateTimeImmutable;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\LogbookException;
use KeenShadow\Core\Logbook\Observation;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Sky\LocalEclipse;

/**
 * Lines of the log as they are typed: a time, a number, words; who observed, and how sure they were of the time.
 *
 * @phpstan-require-extends FormRequest
 */
trait ReadsRecords
{
    /** @return array<string, list<mixed>> */
    private function recordRules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'kind' => ['required', Rule::enum(ObservationKind::class)], 'who' => ['required', 'string', 'max:80'], 'within' => ['required', Rule::in(array_map(strval(...), TypedMoment::WITHIN_S))]];
    }

    /** @return array<string, string> */
    private function recordMessages(): array
    {
        return [
            'uuid.*' => __('This form is not whole: load the page again.'), 'kind.*' => __('Choose what was observed.'),
            'who.*' => __('Say who observed it, in at most 80 letters; a class rather than a child.'), 'within.*' => __('Say how sure the times are.'),
        ];
    }

    /**
     * @param string $prefix of the fields' names, such as "rows.3."
     *
     * @return array{DateTimeImmutable, Observation}|null null where something is wrong, which is said at its field
     */
    private function readLine(Validator $validator, string $prefix): ?array
    {
        $kind = $this->kind();
        $here = $this->here();
        $at = TypedMoment::parse($this->typed("{$prefix}time"), $here->circumstances->maximum->time(), $here->zone);
        if ($at === null) {
            $validator->errors()->add("{$prefix}time", __('Type a time as 20:31 or 20:31:40.'));
        }
        $number = $this->typed("{$prefix}value");
        if ($number !== '' && TypedNumber::parse($number) === null) {
            $validator->errors()->add("{$prefix}value", __('“:typed” is no number.', ['typed' => $number]));

            return null;
        }
        if (mb_strlen($this->typed("{$prefix}text")) > 300) {
            $validator->errors()->add("{$prefix}text", __('At most 300 letters.'));

            return null;
        }
        try {
            $observation = Observation::of($kind, $number === '' ? null : TypedNumber::parse($number), $this->typed("{$prefix}text"));
        } catch (LogbookException $e) {
            $validator->errors()->add("{$prefix}{$e->field}", Refusals::words($e));

            return null;
        }

        return $at === null ? null : [$at, $observation];
    }

    private function typed(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? trim($value) : '';
    }

    public function kind(): ObservationKind
    {
        return $this->enum('kind', ObservationKind::class) ?? ObservationKind::Remark;
    }

    public function here(): LocalEclipse
    {
        /** @var Event $event */
        $event = $this->route('event');

        return app(EventReader::class)->facts($event)->here;
    }
}
