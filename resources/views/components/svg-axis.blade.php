@props(['ticks', 'axis', 'at', 'label', 'line' => null, 'from' => 0, 'to' => 0, 'unit' => ''])
{{-- The ticks of one axis: a line across the drawing for each where a class for lines is given, and its label. --}}
@php $other = $axis === 'x' ? 'y' : 'x'; @endphp
@foreach ($ticks as $tick)
    @if ($line)
        <line class="{{ $line }}" {{ $axis }}1="{{ $tick->at }}{{ $unit }}" {{ $axis }}2="{{ $tick->at }}{{ $unit }}" {{ $other }}1="{{ $from }}" {{ $other }}2="{{ $to }}"/>
    @endif
    <text class="{{ $label }}" {{ $axis }}="{{ $tick->at }}{{ $unit }}" {{ $other }}="{{ $at }}" {{ $attributes }}>{{ $tick->label }}</text>
@endforeach
