<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Models\Audience\AudienceGroup;
use App\Text\AudienceWords;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;

/** One group, what it needs, and what the rule book says of its looking through glasses. */
final readonly class GroupRow
{
    /** @param list<string> $needs */
    private function __construct(
        public AudienceGroup $group,
        public string $band,
        public array $needs,
        public Answer $answer,
    ) {}

    public static function of(AudienceGroup $group, ?Policy $policy): self
    {
        return new self(
            $group,
            AudienceWords::band($group->band),
            array_values(array_filter([
                $group->spectacles > 0 ? trans_choice('{1} 1 wears spectacles: glasses that go over them|[2,*] :count wear spectacles: glasses that go over them', $group->spectacles) : '',
                $group->seated > 0 ? trans_choice('{1} 1 sits: a low screen, and room to wheel up|[2,*] :count sit: a low screen, and room to wheel up', $group->seated) : '',
                $group->low_vision > 0 ? trans_choice('{1} 1 sees little or nothing: a phase strip to feel, warmth and light told by sound|[2,*] :count see little or nothing: phase strips to feel, warmth and light told by sound', $group->low_vision) : '',
                $group->adults > 0 ? trans_choice('{1} 1 adult comes with them|[2,*] :count adults come with them', $group->adults) : '',
                $group->peeks ? __('cannot hold still or peeks: images only') : '',
            ], static fn(string $need): bool => $need !== '')),
            $group->group()->throughGlasses(Standard::book(), $policy),
        );
    }

    public function looksDirectly(): bool
    {
        return $this->answer->permission !== Permission::No;
    }
}
