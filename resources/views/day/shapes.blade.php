{{-- One shape for each state: a plate before the Sun is a filter; told apart without colour. --}}
<svg class="day-shape" viewBox="-12 -12 24 24" aria-hidden="true">
    <g data-for="before after"><circle class="shape-line" r="8"/></g>
    <g data-for="filters_on"><rect class="shape-fill" x="-11" y="-11" width="22" height="22"/><circle class="shape-hole" r="6"/></g>
    <g data-for="filters_back_on"><rect class="shape-fill" x="-11" y="-11" width="22" height="22"/><circle class="shape-hole" r="6"/><circle class="shape-fill" cx="-4" r="5.5"/></g>
    <g data-for="kept_on"><rect class="shape-fill" x="-11" y="-11" width="22" height="22"/><circle class="shape-hole" r="6"/><circle class="shape-fill" cx="-4" r="5.5"/></g>
    <g data-for="may_come_off"><circle class="shape-line" r="10"/><circle class="shape-fill" r="5.5"/></g>
    <g data-for="clouded"><rect class="shape-fill" x="-11" y="-8" width="22" height="4"/><rect class="shape-fill" x="-8" y="-2" width="19" height="4"/><rect class="shape-fill" x="-11" y="4" width="16" height="4"/></g>
    <g data-for="stopped"><rect class="shape-fill" x="-11" y="-4" width="22" height="8"/></g>
</svg>
