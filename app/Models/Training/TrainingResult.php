<?php

declare(strict_types=1);

namespace App\Models\Training;

use App\Models\AsRecord;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Record\Attempt;
use KeenShadow\Core\Training\Record\Exercise;

/**
 * Something that a person did for practice, as it was done. The database refuses to change or delete it.
 *
 * @property int $id
 * @property string $uuid made by the device
 * @property int $organisation_id
 * @property int $event_id
 * @property int|null $user_id
 * @property int|null $helper_id of a helper without an account
 * @property Exercise $exercise
 * @property Duty|null $duty of a card
 * @property string $about
 * @property array<string, mixed> $given
 * @property CarbonImmutable $done_at
 */
final class TrainingResult extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['uuid', 'organisation_id', 'event_id', 'user_id', 'helper_id', 'exercise', 'duty', 'about', 'given', 'done_at'];

    public function attempt(): Attempt
    {
        return new Attempt($this->exercise, $this->about, $this->given, $this->done_at, $this->duty);
    }

    protected function casts(): array
    {
        return ['exercise' => Exercise::class, 'duty' => Duty::class, 'given' => AsRecord::class, 'done_at' => 'immutable_datetime'];
    }
}
