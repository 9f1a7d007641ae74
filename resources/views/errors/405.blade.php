<x-refusal :headline="__('That cannot be done here.')">
    {{ __('The address is right, but not for what was asked of it.') }}
</x-refusal>
