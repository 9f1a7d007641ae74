<form class="wanted" method="post" action="{{ route('viewers.wanted', [$frame->event, $viewer]) }}" novalidate>
    @csrf
    @method('put')
    <label>{{ __('Wanted') }} <input class="form-control" name="wanted" value="{{ $viewer->wanted }}" inputmode="numeric" aria-label="{{ __('Wanted: :name', ['name' => $viewer->name]) }}"></label>
    <label>{{ __('Built') }} <input class="form-control" name="built" value="{{ $viewer->built }}" inputmode="numeric" aria-label="{{ __('Built: :name', ['name' => $viewer->name]) }}"></label>
    <button class="btn btn-quiet">{{ __('Save') }}<span class="visually-hidden"> {{ $viewer->name }}</span></button>
</form>
