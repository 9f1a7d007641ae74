<x-refusal :headline="__('This is too long.')">
    {{ __('A file has at most 5 MB. Nothing of it was kept; go back, what you typed is still there.') }}
</x-refusal>
