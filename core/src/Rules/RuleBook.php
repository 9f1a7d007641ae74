<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/**
 * Who may look how: the rules, and the one way of asking them.
 *
 * A rule that asks for something is met, not met, or open while nobody knows. What is allowed must be allowed by a rule, and
 * by none refused; a yes has nothing open. So no answer turns from yes to no when something is told that was unknown.
 */
final readonly class RuleBook
{
    /** @var array<string, list<Rule>> by what the eye looks at: those that may have something to say */
    private array $byLook;

    /** @param list<Rule> $rules */
    private function __construct(public array $rules)
    {
        $byLook = [];
        foreach (Part::Look->words() as $look) {
            $byLook[$look] = array_values(array_filter($rules, static fn(Rule $rule): bool => $rule->isAbout($look)));
        }
        $this->byLook = $byLook;
    }

    /** @param list<Rule> $rules */
    public static function of(array $rules): self
    {
        return new self($rules);
    }

    public function rule(string $id): Rule
    {
        return array_column($this->rules, null, 'id')[$id];
    }

    /** The same without one rule, to see what hangs on it. */
    public function without(string $id): self
    {
        return new self(array_values(array_filter($this->rules, static fn(Rule $rule): bool => $rule->id !== $id)));
    }

    public function ask(Situation $situation): Answer
    {
        $hearing = $this->hear($situation);

        return $hearing->answer($hearing->permission === Permission::No ? Mending::smallest($this, $situation, $hearing) : []);
    }

    public function hear(Situation $situation): Hearing
    {
        $look = $situation->get(Part::Look);

        return Hearing::of(is_string($look) ? $this->byLook[$look] : $this->rules, $situation);
    }
}
