module Api
  # Every kind of gear with its fields and looks, and every field with its label: what forms and lists are made of.
  class GearKindsController < BaseController
    self.policy = LookPolicy

    def index
      kinds = DustLadder::Gear::Kinds
      render json: {
        kinds: kinds::ALL.values.map { |kind| kind.to_h.slice(:name, :words, :sort, :fields, :needs) },
        fields: kinds::FIELDS.values.map { |field| field.to_h.slice(:name, :label, :group, :example, :choices) },
        states: DustLadder::Gear::Piece::STATES
      }
    end
  end
end
