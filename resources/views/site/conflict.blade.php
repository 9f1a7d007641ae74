{{-- Somebody else was quicker: both changes in words, and the choice. Nothing of either is lost; Undo goes back to theirs. --}}
<p><strong>{{ $page->mine === [] ? __('The plan has been changed meanwhile: nothing was taken back.') : __('The plan has been changed meanwhile: yours is not saved yet.') }}</strong></p>
<dl>
    <dt>{{ $page->who === null ? __('Saved') : __('Saved by :who', ['who' => $page->who]) }}</dt>
    @forelse ($page->theirs as $line)
        <dd>{{ $line }}</dd>
    @empty
        <dd>{{ __('as it was before') }}</dd>
    @endforelse
    @if ($page->mine !== [])
        <dt>{{ __('Yours') }}</dt>
        @foreach ($page->mine as $line)
            <dd>{{ $line }}</dd>
        @endforeach
    @endif
</dl>
<button type="button" class="btn btn-primary" data-choice="theirs">{{ $page->mine === [] ? __('Show the plan as it is now') : __('Go on with theirs') }}</button>
@if ($page->mine !== [])
    <button type="button" class="btn btn-quiet" data-choice="mine" data-from="{{ $page->revision }}">{{ __('Put mine in its place') }}</button>
@endif
