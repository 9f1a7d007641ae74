<x-refusal :headline="__('This is not yours to change.')">
    {{ in_array($exception->getMessage(), ['', 'This action is unauthorized.', 'Forbidden'], true) ? __('Ask an organiser of your organisation.') : $exception->getMessage() }}
</x-refusal>
