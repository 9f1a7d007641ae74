<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Models\Logbook\EyeReminder;
use App\Models\Logbook\EyeReport;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Mail\Factory;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Logbook\Eyes\Reminders;

/**
 * Reminds organisers to ask how somebody's eyes are, and deletes what has had its time. Workers call it; the database sees to it that each
 * reminder is made once, however many workers there are and whatever was restarted.
 */
final class EyeWatch
{
    private const EVERY_S = 60;

    private ?CarbonImmutable $last = null;

    public function __construct(private readonly Factory $mail) {}

    /** Not more often than once a minute in one process. */
    public function now(): void
    {
        $now = Date::now()->toImmutable();
        if ($this->last !== null && abs($now->diffInSeconds($this->last)) < self::EVERY_S) {
            return;
        }
        $this->last = $now;
        $this->look($now);
    }

    public function look(CarbonImmutable $now): void
    {
        EyeReport::query()->where('delete_on', '<=', $now->toDateString())->delete();
        foreach (EyeReport::query()->whereNull('closed_at')->with(['reminders', 'event'])->get() as $report) {
            $made = array_values(array_map(static fn(EyeReminder $r): int => $r->hours, $report->reminders->all()));
            foreach (Reminders::due($report->told_at, $now, $report->closed_at, $made) as $hours) {
                $row = new EyeReminder(['eye_report_id' => $report->id, 'hours' => $hours, 'made_at' => $now]);
                if (EyeReminder::query()->insertOrIgnore([$row->getAttributes()]) === 1) {
                    $this->mail($report, $hours);
                }
            }
        }
    }

    /** Where mail is set up: that there is something to look at, and nothing of what it is. */
    private function mail(EyeReport $report, int $hours): void
    {
        if (config('mail.default') === null) {
            return;
        }
        $to = User::query()->where('organisation_id', $report->event->organisation_id)->where('role', Role::Organiser)->pluck('email')->all();
        $words = __('Ask again, :hours hours after it was told: :url', ['hours' => $hours, 'url' => route('logbook.eyes.show', [$report->event, $report])]);
        // Where mail cannot be sent the reminder still stands in the program, and the next ones are made.
        rescue(fn() => $this->mail->mailer()->raw($words, static fn(Message $message) => $message->to($to)->subject(__('A reminder of “:event”', ['event' => $report->event->title]))));
    }
}
